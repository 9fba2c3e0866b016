# frozen_string_literal: true

module Scullion
  module Changes
    # One decision or assumption of a service changed by hand, addressed as the working gives
    # it ("service/covers", "salads/…/components/2/grams", "larder/carrot/trims/peeled/yield").
    # Applies it and tells what stood there before, so that it can be undone the same way.
    class ServiceChange
      DETAILS = %w[name date from to covers tables served_as over_prep guests].freeze

      attr_reader :previous

      # Is this a change at all? Whether the value can be is found out by applying it.
      def self.check(fields)
        fields.only("version", "at", "value", "keep", "since_covers", "by")
        fields.text("by", default: nil, most: 12)
        fields.whole("version", 0..(2**53), "versions")
        fields.text("at", most: 200)
        fields.whole("since_covers", 1..Service::MOST_COVERS, "covers", default: nil)
        fields.choice("keep", %w[service kitchen], default: nil)
        return if [String, Numeric, NilClass].any? { |type| fields.raw("value").is_a?(type) }
        fields.fault("value", "This is neither a number nor text.", "Send a number or text.")
      end

      # @param house [House] @param value [Numeric, String, nil] nil puts the default back
      # @param keep [String] "service", or "kitchen" for a figure to use from now on
      # @param by [String, nil] who decided it: initials
      # @param there [Hash] the service as it stands in its brief
      def initialize(service, house, at, value, there:, keep: "service", by: nil)
        @service, @house, @at, @value, @keep, @by, @there = service, house, at, value, keep, by, there
      end

      # @return [self]
      # @raise [InvalidBrief] when the value cannot be
      def apply
        case @at
        when %r{\Aservice/(#{DETAILS.join("|")})\z}o
          detail(Regexp.last_match(1))
        when %r{\Aservice/stock/([a-z0-9-]+)\z}
          on_hand(Regexp.last_match(1))
        when %r{\Aservice/lines/(\d+)/(portion_grams|covers)\z}
          line(Regexp.last_match(1).to_i, Regexp.last_match(2))
        when %r{\Asalads/([^/]+)/components/(\d+)/cook/([a-z_]+)\z}
          @previous =
            SchoolChoice.new(
              @service,
              @house,
              Regexp.last_match(1),
              Regexp.last_match(2).to_i,
              Regexp.last_match(3)
            ).take(@value)
        when %r{\Asalads/([^/]+)/components/(\d+)/grams\z}
          component(Regexp.last_match(1), Regexp.last_match(2).to_i)
        when %r{\A(larder|practice)/}
          figure
        else
          fault(
            "at",
            "Nothing at #{@at.to_s[0, 120].inspect} can be changed here.",
            "Use the address that a working gives."
          )
        end
        self
      end

      private

      def detail(name)
        was = @there[name]
        @previous = was.is_a?(Array) ? was.join(", ") : was
        document = @there.merge(name => written(name))
        read(document) { |fields| Service.read(fields, salads) }
        @service.update!(name => document[name])
      end

      # What is on hand, in grams or as a cook writes it; nothing for not counted.
      def on_hand(key)
        ingredient = @house.larder[key] or fault("at", "There is no such ingredient.", "Reload the page.")
        @previous = (@service.stock || {})[key]
        grams = @value.to_s.strip.empty? ? nil : counted(ingredient)
        stock = (@service.stock || {}).merge(key => grams).compact
        read(@there.merge("stock" => stock)) { |fields| Service.read(fields, salads) }
        @service.update!(stock: stock)
      end

      def counted(ingredient)
        Buy::OnHand.grams(@value, ingredient, @house)
      rescue UnreadableAmount, MissingFigure => e
        refuse(e)
      end

      def line(index, name)
        line = @service.lines[index] or
          fault("at", "There is no line #{index} in this service.", "Reload the page.")
        @previous = line[name]
        sent = name == "covers" ? Count::Covers.read(@value, @service.covers) : number
        lines = @there["lines"].dup
        lines[index] = lines[index].merge(name => sent)
        document = @there.merge("lines" => lines)
        read(document) { |fields| Service.read(fields, salads) }
        line.update!(name => sent)
      end

      # A build is shared by every service that serves it; its version moves too.
      def component(key, index)
        component = @service.salads.find { |salad| salad.key == key }&.components&.[](index) or
          fault("at", "There is no such component in this service.", "Reload the page.")
        @previous = component.grams
        Records::EarlierBuild.keep(component.salad, component.salad.to_build)
        component.update!(grams: grams(component))
        component.salad.touch_version
      end

      def grams(component)
        build = {
          "key" => "x",
          "name" => "x",
          "components" => [component.to_document.except("grams").merge(weight)]
        }
        salad = read(build) { |fields| Salad::Form.read(fields, @house) }
        salad.components.first.grams
      end

      def weight
        numeric = Float(@value.to_s.tr(",", "."), exception: false)
        numeric ? { "grams" => numeric } : { "amount" => @value.to_s }
      end

      def figure
        record = Records::OwnFigure.find_or_initialize_by(service: (@service if @keep == "service"), at: @at)
        @previous = record.value
        return record.destroy! if @value.nil?

        try(record.to_document.merge("value" => number))
        record.set(number, @by)
      end

      # Would the brief still read with this figure in it?
      def try(figure)
        Brief.read(Exchange::Briefing.document(@service, @house).merge("figures" => [figure]), @house)
      rescue InvalidBrief => e
        refuse(e)
      end

      def number = WrittenNumber.read(@value)

      def written(name)
        case name
        when "covers"
          WrittenNumber.count(@value)
        when "tables"
          @value.to_s.strip.empty? ? nil : WrittenNumber.count(@value)
        when "over_prep"
          number
        when "guests"
          @value.to_s.split(/[,\s]+/).reject(&:empty?)
        else
          @value
        end
      end

      # Reads a document; its faults become faults of the value that was sent.
      def read(document)
        fields = DocumentReader.new(document)
        result = yield fields
        fields.faults.empty? ? result : refuse(InvalidBrief.new(fields.faults))
      end

      def refuse(error) = raise(InvalidBrief, error.at("/value").faults)

      def salads = @there["lines"].to_h { |line| [line["salad"], nil] }

      def fault(where, what, remedy)
        raise InvalidBrief, Fault.new(what: what, where: "/#{where}", remedy: remedy)
      end
    end
  end
end
