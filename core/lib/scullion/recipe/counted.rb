# frozen_string_literal: true

module Scullion
  module Recipe
    # How much of a food a line comes to: so many of that size, the size of it all, so many pieces.
    class Counted
      TO_TASTE = %w[salt spice fat acid herb condiment sweetener].freeze
      BESIDE_OTHERS = %w[salt spice].freeze
      # What a bare number of so many is of what is never counted.
      BARE = { "acid" => :ml, "liquid" => :ml, "condiment" => :g, "dairy" => :g, "sweetener" => :g }.freeze
      # A bare number of these is grams where it is a round one; of small ones even where the weight of one is
      # known.
      UNCOUNTED, SMALL, ROUND =
        %w[leaf cheese grain pulse nut-or-seed dairy pod].freeze,
        %w[nut-or-seed].freeze,
        5
      # What nobody means by a bare number.
      PARTS = %w[leaf sprig bunch punnet block].freeze
      # What lies in something that it is drained of.
      IN_LIQUOR = %w[tinned jarred].freeze
      # Comes in a size of its own, as a thing itself does.
      LOAF = "loaf"
      # What a herb is laid on by, without a number.
      SPRIGS = %w[leaf sprig].freeze
      # Of a pack that the larder has, what a cook's own may hold.
      ABOUT_A_PACK, A_PACK = [0.75, 1.3].freeze, [0.9, 1.1].freeze
      # So many of one thing nobody counts.
      MANY = 48

      # @param item [Item] @param larder [Hash{String=>Ingredient}] @param practice [Practice]
      def initialize(item, larder, practice)
        @item, @larder, @practice = item, larder, practice
      end

      # @return [Amount, nil]
      def amount
        return Amount.new(0, 0, :taste) if @item.amount.nil? && (@item.said?(:taste) || seasoning?)
        return by_length if by_length?

        return Amount.new(@item.amount.low, @item.amount.high, bare_unit) if bare?

        amount = @item.amount || (one if one?)
        return amount if amount.nil?
        return sized(amount) if sized?(amount)

        amount.unit == :piece ? pieces(amount) : amount
      end

      # "2 tins, 240 g drained": what is weighed is what is eaten.
      def drained?
        @item.said?(:drained) && @item.said?(:drained_size) && !@item.size.nil? && !weighed? &&
          (!@item.container.nil? || IN_LIQUOR.include?(@item.words["states"]))
      end

      # "400 g dried chickpeas (or 2 jars, 570 g drained each)"; not "340 g can of corn (285 g drained)".
      def weighed?
        !@item.amount.nil? && !@item.counted? &&
          !(@item.amount.unit == :g && @item.size.value < @item.amount.value)
      end

      # "Honey 60, cider vinegar 80", "kale 200": nobody counts them. Of an oil, grams and millilitres
      # differ; cubes of stock are counted.
      def bare? = !bare_unit.nil?

      # A small head of what is known small.
      def own_size
        return unless @item.piece == "head" && @item.big

        @item.big if @larder[@item.foods.first]&.figures&.key?("pieces/#{@item.big}")
      end

      # Weighed in its tin or jar, with what it is drained of.
      def packed?(amount)
        (%w[tin a10 no10 jar].include?(@item.container) || counted_in_liquor?) && amount&.unit == :g &&
          !drained?
      end

      # "Tinned chickpeas 2 x 400 g"
      def counted_in_liquor?
        IN_LIQUOR.include?(@item.words["states"]) && @item.counted? && !@item.size.nil?
      end

      # A bare number that no one counts to.
      def self.many?(amount) = amount.unit == :piece && amount.piece == "each" && amount.value >= MANY

      # A pack of unknown size: the larder's own is taken for a tin of a pulse alone.
      def unsized?(amount, ingredient)
        return false unless @item.container && amount.unit == :piece && amount.piece == "pack"

        @item.container != "tin" || ingredient.family != "tinned-pulse"
      end

      # What one of that size weighs of one as usual. @param size [String, nil] @return [Float]
      def self.big(size, practice) = practice.figures["reading/big/#{size}_times"] || 1.0

      private

      # @return [Symbol, nil]
      def bare_unit
        food = @larder[@item.foods.first]
        return unless @item.amount && food && Counted.many?(@item.amount)
        return if [@item.size, @item.piece, @item.container].any?

        pieces = food.figures.addresses.grep(%r{\Apieces/})
        return BARE[food.family] if BARE.key?(food.family) && pieces.empty?

        :g if weighed_alone?(food, pieces) && (@item.amount.low % ROUND).zero?
      end

      # Is there nothing of it that anybody would count?
      def weighed_alone?(food, pieces)
        return false unless UNCOUNTED.include?(food.family)

        SMALL.include?(food.family) || pieces.all? { |at| PARTS.include?(at.delete_prefix("pieces/")) }
      end

      # "Stick of celery", "tin of tuna", "juice of lemon"; nobody knows how many "celery sticks" are.
      def one?
        (@item.piece && !@item.said?(:several)) || @item.container || @item.parts.any?
      end

      def one = Amount.new(1, 1, :piece, piece: "each")

      # What is seasoned or dressed with, a herb and what garnishes are to taste without an amount.
      def seasoning?
        if @item.foods.empty? || @item.said?(:same) || @item.said?(:cooked_in) || (@item.piece && !sprigs?) ||
             @item.container || @item.parts.any? || @item.long
          return false
        end

        return true if @item.foods.first == "water"

        family = @larder[@item.foods.first]&.family
        return true if family == "herb" && @item.said?(:in_row)
        return BESIDE_OTHERS.include?(family) if @item.said?(:beside_weighed)

        TO_TASTE.include?(family) || %w[top table].include?(@item.place)
      end

      # "Basil leaves", "sprigs of thyme"
      def sprigs?
        @item.said?(:several) && SPRIGS.include?(@item.piece) && @larder[@item.foods.first]&.family == "herb"
      end

      # "1 inch of ginger"
      def by_length?
        @item.long && [nil, "each"].include?(@item.piece) && (@item.amount.nil? || @item.counted?) &&
          @larder[@item.foods.first]&.figures&.key?("pieces/thumb")
      end

      def by_length
        thumbs = @item.long / @practice.fetch("reading/thumb_cm") * (@item.amount&.value || 1)
        Amount.new(thumbs, thumbs, :piece, piece: "thumb", estimated: true)
      end

      def sized?(amount)
        return false unless size
        return true if amount.unit == :g && drained?

        amount.unit == :piece || (amount.unit == :ml && size.unit == :g)
      end

      # As it is said, or a catering tin's own.
      def size
        @item.size || (catering_tin if @practice.known?("tins", @item.container.to_s))
      end

      def catering_tin
        grams = @practice.fetch("tins/#{@item.container}/grams")
        Amount.new(grams, grams, :g)
      end

      def sized(amount)
        return size unless amount.unit == :piece && (@item.each_sized? || sized_as_one?(amount))
        return size if drained_in_all?(amount) || packs_in_all?(amount)

        Amount.new(size.low * amount.low, size.high * amount.high, size.unit)
      end

      # "2 tins chickpeas (480 g drained)": more than one holds.
      def drained_in_all?(amount)
        one = @larder[@item.foods.first]&.packs.to_a.map(&:grams).min or return false
        amount.value > 1 && drained? && !@item.said?(:each) && size.value > one
      end

      # "2 tins tuna (400 g)", of which no tin holds so much.
      def packs_in_all?(amount)
        return false if amount.value < 2 || @item.container.nil? || @item.said?(:each) || size.unit != :g

        packs = @larder[@item.foods.first]&.packs.to_a.filter_map(&:grams)
        as_much = ->(one) { packs.any? { |pack| (one / pack).between?(*ABOUT_A_PACK) } }
        as_much[size.value / amount.value] && packs.none? { |pack| (size.value / pack).between?(*A_PACK) }
      end

      # "3 burrata, 125 g", "3 loaves (800 g)": as much as one of them is; of what is trimmed only where
      # that is nearer than all of them, not "3 mangoes (600 g flesh)".
      def sized_as_one?(amount)
        one = one_of_them or return false
        least, most = %w[least most].map { |name| @practice.fetch("reading/one/#{name}_times") }
        each = size.value / one
        amount.value > 1 && !@item.said?(:sized_in_all) && size.unit == :g && each.between?(least, most) &&
          (!@item.said?(:prepared) || Math.log(each).abs <= Math.log(each / amount.value).abs)
      end

      # g, of what is trimmed without its peel and stone. @return [Float, nil]
      def one_of_them
        food = @larder[@item.foods.first]
        one = food&.figures&.[]("pieces/#{@item.piece == LOAF ? LOAF : "each"}") or return
        return one unless @item.said?(:prepared)

        one * (food.trims.keys.map { |trim| food.figures.fetch("trims/#{trim}/yield") }.min || 1.0)
      end

      def pieces(amount)
        piece = @item.container ? "pack" : own_size || @item.piece || @item.big || "each"
        times = @item.piece && piece == @item.piece ? Counted.big(@item.big, @practice) : 1
        Amount.new(amount.low * times, amount.high * times, :piece, piece: piece, estimated: amount.estimated)
      end
    end
  end
end
