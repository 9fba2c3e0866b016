# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "Tables out and in" do
  table, cell = Scullion::Papers::Table, Scullion::Papers::Sheet::Cell

  it "hold no formula, whatever a thing is called" do
    names = ["=1+1", "+1", "-1", "@SUM(A1)", "\tx", "\rx", " =1", "＝1", "a=1", "½ × 2", "–", "O'Brien"]
    cells = CSV.parse(table.write(["=head"], names.zip).delete_prefix("\uFEFF")).flatten
    expect(cells.first(9)).to all(start_with("'"))
    expect(cells.drop(9)).to eq ["a=1", "½ × 2", "–", "O'Brien"]
    expect(cells.drop(1).map { |text| table.plain(text) }).to eq names
  end

  metric, us =
    %i[METRIC US].map { |kind| Scullion::Amount::Writer.for(Scullion::Amount::Measures.const_get(kind)) }

  it "count as the house measures" do
    figure = ->(value, unit) { { "text" => "x", "value" => value, "unit" => unit } }
    asked = [figure[453.59237, "g"], figure[295.735, "ml"], figure[5.08, "cm"], figure[30.0, "min"]]
    expect(asked.map { |each| cell.of(each, us).to_a.drop(1) }).to eq [
         [16, "oz"],
         [10, "fl oz"],
         [2, "in"],
         [30, "min"]
       ]
    expect(asked.map { |each| cell.of(each, metric).unit }).to eq %w[g ml cm min]
  end

  it "say a unit in the heading, or beside where it differs, and numbers as numbers" do
    grams, minutes =
      cell.of({ "text" => "1.5 kg", "value" => 1500.0, "unit" => "g" }, metric),
      cell.new("½ h", 30, "min")
    csv =
      table.write(
        %w[Item Weigh Any When],
        [["a", grams, minutes, cell.new("Sat", "2026-11-28")], ["b", "", grams, ""]]
      )
    expect(csv).to eq "\uFEFFItem,Weigh (g),Any,Unit,When\na,1500,30,min,2026-11-28\nb,\"\",1500,g,\"\"\n"
  end

  describe "from other programs" do
    rows = "key;name;family;colour\nown-leaf;Löwenzahn ½;leaf;#55aa33\n"
    {
      "UTF-8" => rows,
      "UTF-8 with its mark" => "\uFEFF#{rows}",
      "UTF-16, little end first" => "\uFEFF#{rows}".encode("UTF-16LE"),
      "UTF-16, big end first" => "\uFEFF#{rows}".encode("UTF-16BE"),
      "Windows-1252" => rows.encode("Windows-1252"),
      "commas" => rows.tr(";", ","),
      "tabs" => rows.tr(";", "\t"),
      "old line ends" => rows.gsub("\n", "\r\n")
    }.each do |kind, text|
      it "are read: #{kind}" do
        document = { "file" => [text.b].pack("m0") }
        rows = Scullion::Exchange::LarderImport.judged(document, ExampleBrief::SHIPPED)
        import = Scullion::Exchange::LarderImport.new(rows)
        expect(import.report["rows"].map { |row| row.values_at("name", "fate") }).to eq [
             ["Löwenzahn ½", "new"]
           ]
      end
    end

    it "are refused where they are no text" do
      expect { Scullion::Exchange::TableText.read("\xFF\xFE\x00\xD8".b) }.to raise_error(
        Scullion::InvalidBrief
      )
    end
  end

  describe "and other files", :server do
    it "refuse a line break in a name" do
      salad = ask(:get, "/api/salads").first
      ["Barley\nbowl", "Barley\rbowl", "Barley\u2028bowl", "Barley\u0000bowl"].each do |name|
        ask(:put, "/api/salads/#{salad["key"]}", salad.except("id").merge("name" => name))
        expect([last_response.status, told["/name"]]).to match [422, /line break/]
      end
    end

    it "are safe to embed" do
      salad = ask(:get, "/api/salads").first
      name = "</script><img src=x onerror=alert(1)> [a](javascript:b) *c* `d`"
      ask(:put, "/api/salads/#{salad["key"]}", salad.except("id").merge("name" => name))
      expect(last_response.status).to eq 200
      linked = raw("/api/salads/#{salad["key"]}/card.jsonld")
      expect(linked).not_to include("<")
      expect(JSON.parse(linked)["name"]).to eq name
      first = raw("/api/salads/#{salad["key"]}/card.md").lines.first
      expect(
        first
      ).to eq "# \\</script\\>\\<img src=x onerror=alert(1)\\> \\[a\\](javascript:b) \\*c\\* \\`d\\`\n"
    end
  end
end
