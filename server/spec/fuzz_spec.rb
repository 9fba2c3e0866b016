# frozen_string_literal: true

require_relative "server_helper"
require_relative "fuzz"

# `bin/test --long` sends ten times as many.
RSpec.describe "Requests as nobody would send them", :server do
  many = Integer(ENV.fetch("SCULLION_FUZZ", "2000"))
  records = Scullion::Records
  recipe =
    "Barley bowl\nServes 4\n200 g pearl barley\n3 carrots\n2 tbsp rapeseed oil\n1 tsp salt\nBoil the barley."

  # What a right request has, of what is kept now: values of the path, query, body.
  define_method(:right) do |operation|
    small_days if operation.match?(Fuzz::LONG)
    service = records::Service.order(:id).last || restored
    salad = records::Salad.joins(:components).order(:id).first
    kitchen = -> { records::Kitchen.ours }
    build = -> { salad.to_build }
    id, key = { "id" => service.id }, { "key" => salad.key }
    document = -> { Scullion::Exchange::Briefing.document(service, records::House.ours) }
    carrot = records::Ingredient.find_by(key: "carrot") || records::Ingredient.first
    preparation = -> do
      Scullion::Plan
        .for(Scullion::Brief.read(document.call, records::House.ours))
        .needs
        .first
        .component
        .preparation
    end
    {
      "planBrief" => -> { [{}, nil, document.call] },
      "planWorking" => -> { [{}, { "at" => "count/0/servings" }, document.call] },
      "cookOne" => -> do
        [
          {},
          nil,
          { "ingredient" => "pearl-barley", "cook" => { "method" => "absorption" }, "finished_grams" => 4000 }
        ]
      end,
      "readAmounts" => -> { [{}, nil, { "texts" => ["1½ cups", "2 kg"] }] },
      "addService" => -> { [{}, nil, service.to_brief.merge("name" => "Another")] },
      "writeService" => -> { [id, nil, service.to_brief.merge("version" => service.lock_version)] },
      "serviceWorking" => -> { [id, { "at" => "count/0/servings" }, nil] },
      "serviceCooling" => -> { [id, { "at" => cooled(document.call) }, nil] },
      "changeService" => -> do
        [id, nil, { "version" => service.lock_version, "at" => "service/covers", "value" => 90 }]
      end,
      "tick" => -> { [id, nil, { "key" => "prep/0", "done" => true }] },
      "addSalad" => -> { [{}, nil, build.call.merge("key" => "own-#{records::Salad.maximum(:id) + 1}")] },
      "writeSalad" => -> { [key, nil, build.call.merge("version" => salad.lock_version)] },
      "dropSalad" => -> { [{ "key" => unserved.key }, nil, nil] },
      "trySalad" => -> { [{}, nil, { "salad" => build.call }] },
      "trialWorking" => -> { [{}, { "at" => "count/0/servings" }, { "salad" => build.call }] },
      "resizeSalad" => -> { [{}, nil, { "salad" => build.call, "grams" => 320 }] },
      "anotherWay" => -> do
        [
          {},
          nil,
          { "salad" => build.call, "component" => 0, "way" => { "cook" => { "method" => "absorption" } } }
        ]
      end,
      "ratioOfSalad" => -> { [{}, nil, { "salad" => build.call, "times" => 3 }] },
      "swapsFor" => -> { [{}, nil, { "salad" => build.call, "component" => 0 }] },
      "makeSalad" => -> { [{}, nil, { "salad" => build.call, "goal" => "vegan" }] },
      "correctDressing" => -> { [key, nil, { "complaint" => "too-salty", "left" => "900 g" }] },
      "pasteRecipe" => -> { [{}, nil, { "text" => recipe }] },
      "decideDay" => -> { [id, nil, { "ahead" => { "preparation" => preparation.call, "days" => 0 } }] },
      "dayRange" => -> { [id, { "task" => first_task(document.call) }, nil] },
      "importService" => -> { [{}, nil, document.call] },
      "copyService" => -> { [id, nil, { "date" => "2026-12-05", "covers" => 60 }] },
      "listAsCsv" => -> { [id.merge("list" => "order"), nil, nil] },
      "holdLabel" => -> { [id.merge("number" => 0), nil, nil] },
      "short" => -> do
        [id, { "ingredient" => service.salads.first.components.first.ingredient.key, "grams" => "10" }, nil]
      end,
      "checkWeigh" => -> { [id, { "line" => "0", "weights" => "330 340" }, nil] },
      "ingredients" => -> { [{}, { "find" => "carot" }, nil] },
      "addIngredient" => -> do
        [{}, nil, { "name" => "Own leaf #{records::Ingredient.maximum(:id)}", "like" => "dill" }]
      end,
      "writeIngredient" => -> { [{ "key" => carrot.key }, nil, carrot.to_document] },
      "dropIngredient" => -> { [{ "key" => unused.key }, nil, nil] },
      "ingredient" => -> { [{ "key" => carrot.key }, nil, nil] },
      "ingredientPage" => -> { [{ "key" => carrot.key }, nil, nil] },
      "useUp" => -> { [{}, nil, what_is_left] },
      "makeOfLeft" => -> do
        [{}, nil, { "asked" => what_is_left, "take" => "composed-1", "name" => "Crew lunch" }]
      end,
      "tare" => -> { devices && [{}, nil, nil] },
      "lotLabel" => -> { [{ "code" => lot.code }, nil, nil] },
      "entryPicture" => -> { [{ "uid" => pictured }, nil, nil] },
      "printLotLabel" => -> { devices && [{ "code" => lot.code }, nil, nil] },
      "writeDevices" => -> { [{}, nil, { "scale" => "", "printer" => "127.0.0.1:4803" }] },
      "importProbe" => -> { [{}, nil, { "csv" => "2026-11-28 07:30,3.4\n", "of" => "fridge" }] },
      "importLarder" => -> do
        [
          {},
          nil,
          { "csv" => "key,name,family,colour,like\nown-dill,Own dill,herb,#55aa33,dill", "write" => false }
        ]
      end,
      "setHouseFigure" => -> { [{}, nil, { "at" => "practice/pots/fill", "value" => 0.7, "by" => "ML" }] },
      "writeKitchen" => -> { [{}, nil, kitchen.call.to_document] },
      "calibratePot" => -> do
        [
          { "key" => kitchen.call.vessels.find { |each| each.kind == "pot" }.key },
          nil,
          {
            "version" => kitchen.call.lock_version,
            "lid" => "on",
            "before_grams" => 5000,
            "after_grams" => 4900,
            "minutes" => 60
          }
        ]
      end,
      "writeHouseRules" => -> do
        records::HouseRules.first.then do |rules|
          [{ "key" => rules.key }, nil, rules.to_document.except("key")]
        end
      end,
      "keepEntries" => -> { [{}, nil, { "entries" => [happened] }] },
      "lotOf" => -> { [{ "code" => lot.code }, nil, nil] },
      "weekOrder" => -> { [{ "day" => service.date.iso8601 }, nil, nil] },
      "weekWanted" => -> { [{ "day" => service.date.iso8601 }, nil, nil] },
      "weekOrderAsCsv" => -> { [{ "day" => service.date.iso8601 }, nil, nil] }
    }.fetch(operation) { -> { [id.merge(key), nil, nil] } }.call
  end

  def what_is_left
    {
      "left" => "2 kg cooked chickpeas, made today\n3 cucumbers",
      "covers" => 12,
      "date" => (Date.today + 1).iso8601,
      "from" => "12:00",
      "to" => "13:00"
    }
  end

  def happened
    { "uid" => SecureRandom.uuid, "at" => "2026-11-28T09:40:00Z", "clock" => "2026-11-28T09:40" }.merge(
      "kind" => "weighed",
      "of" => "cooked",
      "value" => 4100
    )
  end

  def lot
    Scullion::Records::Lot.first ||
      Scullion::Records::Lot.create!(
        code: "28R",
        service_name: "Lunch",
        task: "cook/0",
        name: "Barley",
        facts: {
        },
        **%i[made best discard].to_h { |each| [each, "2026-11-28T09:40"] }
      )
  end

  def pictured
    "picture-#{Scullion::Records::Picture.count}".tap do |uid|
      Scullion::Records::Picture.create!(uid: uid, jpeg: Scullion::Record::Entry::JPEG)
    end
  end

  # How long a day takes that is far too full is measured elsewhere: here are two services, of a salad each.
  def small_days
    services = Scullion::Records::Service.order(:id)
    Scullion::Records::Service.where.not(id: services.last(2).map(&:id)).destroy_all
    services.each { |service| service.lines.offset(1).destroy_all }
    services.where("covers > 60").update_all("covers = 60, lock_version = lock_version + 1")
    Scullion::Records::ServiceLine.where.not(covers: nil).update_all(covers: nil)
  end

  def restored
    salad = Scullion::Records::Salad.joins(:components).order(:id).first
    lines = [{ "salad" => salad.key }]
    window = { "from" => "12:00", "to" => "14:00" }
    Scullion::Records::Service.new.write(
      { "name" => "Lunch", "date" => "2026-11-28", "covers" => 40, "lines" => lines, **window }
    )
  end

  def cooled(document)
    plan = Scullion::Plan.for(Scullion::Brief.read(document, Scullion::Records::House.ours))
    plan.cooking.find(&:cools?)&.at || "cook/0"
  end

  def first_task(document)
    plan = Scullion::Plan.for(Scullion::Brief.read(document, Scullion::Records::House.ours))
    Scullion::Day::Layout.new(plan, plan.brief.progress).instance.tasks.first.key
  end

  def unserved
    free = Scullion::Records::Salad.where.missing(:lines).first
    return free if free

    build = Scullion::Records::Salad.first.to_build
    fields = Scullion::DocumentReader.new(build.merge("key" => "spare"))
    Scullion::Records::Salad.new.write(Scullion::Salad::Form.read(fields, Scullion::Records::House.ours))
  end

  def unused
    Scullion::Records::Ingredient.find_by(key: "spare") ||
      Scullion::Records::Ingredient
        .find_by(key: "dill")
        .then do |dill|
          facts = dill.facts.merge("key" => "spare", "name" => "Spare")
          Scullion::Records::Ingredient.create!(Scullion::Records::Ingredient.document(facts))
        end
  end

  def answered(request)
    query = request.query && Rack::Utils.build_query(request.query)
    path = [request.path, query].compact.join("?")
    body = request.body.nil? ? nil : JSON.generate(request.body)
    env =
      Rack::MockRequest.env_for(
        "http://127.0.0.1#{path.b}",
        :method => request.verb.upcase,
        :input => body.to_s,
        "HTTP_HOST" => "127.0.0.1"
      )
    env["CONTENT_TYPE"] = "application/json" if body
    env["rack.errors"] = @errors = StringIO.new
    app.call(env).tap { |answer| answer[2].each(&:itself) }
  rescue URI::InvalidURIError
    [400, { "content-type" => "application/problem+json" }, []]
  end

  # Devices that always answer.
  def devices = Scullion::Records::Device.write({ "scale" => "127.0.0.1:1", "printer" => "127.0.0.1:1" })

  before do
    line = instance_double(Scullion::Devices::Line)
    allow(line).to receive(:ask) { |asked, *| asked == "TARE" ? "OK" : "OK 9" }
    allow(Scullion::Devices::Line).to receive(:new).and_return(line)
  end

  before { allow(Scullion::Boot).to receive(:door).and_return(["copied", double(success?: true)]) }

  it "are each answered rightly when they are right" do
    fuzz = Fuzz.new(Scullion::Contract.document, 1, method(:right))
    wrong =
      fuzz.operations.filter_map do |operation|
        request = fuzz.request(operation, spoilt: false)
        status, _, body = answered(request)
        [operation, request.path, status, body.first.to_s[0, 200]] unless (200..299).cover?(status)
      end
    expect(wrong).to eq []
  end

  it "get no answer that the server is at fault for, and wait for none (#{many})" do
    # What takes longer is ended in plain words: a day that is far too full may, nothing else. On a busy
    # machine anything may be slow once: it is asked again with the time that it has in a kitchen.
    usual = Scullion::Apart::LONGEST_SECONDS
    within = ->(seconds) { stub_const("Scullion::Apart::LONGEST_SECONDS", seconds) }
    within.call(3)
    fuzz = Fuzz.new(Scullion::Contract.document, 2026, method(:right))
    bad = []
    many.times do
      request = fuzz.request
      status, headers, = answered(request)
      next if status == 503 && request.operation.match?(Fuzz::LONG)

      if status == 503
        within.call(usual)
        status, headers, = answered(request)
        within.call(3)
      end
      bad << [request.to_a, status, @errors.string[0, 300]] if status >= 500
      if status >= 400 && !headers["content-type"].to_s.include?("problem+json")
        bad << [request.to_a, headers["content-type"]]
      end
    end
    expect(bad).to eq([]), JSON.pretty_generate(bad.first(12))[0, 9000].scrub
  end
end
