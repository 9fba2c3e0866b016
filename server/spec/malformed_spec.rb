# frozen_string_literal: true

require_relative "server_helper"

# Whatever is sent, the answer says in plain words what is wrong with it.
RSpec.describe "Answers to anything", :server do
  def send_raw(verb, path, query: "", body: "", type: "application/json", **env)
    request = {
      "REQUEST_METHOD" => verb,
      "PATH_INFO" => path,
      "SCRIPT_NAME" => "",
      "QUERY_STRING" => query,
      "SERVER_NAME" => "127.0.0.1",
      "SERVER_PORT" => "80",
      "SERVER_PROTOCOL" => "HTTP/1.1",
      "HTTP_HOST" => "127.0.0.1",
      "rack.url_scheme" => "http",
      "rack.input" => StringIO.new(body.b),
      "rack.errors" => @errors = StringIO.new,
      "CONTENT_LENGTH" => body.bytesize.to_s
    }
    request["CONTENT_TYPE"] = type if type
    status, headers, parts = app.call(request.merge(env.transform_keys(&:to_s)))
    said = +""
    parts.each { |part| said << part }
    parts.close if parts.respond_to?(:close)
    [status, headers["content-type"], said]
  end

  def problem(expected, *sent, **more)
    status, type, said = send_raw(*sent, **more)
    expect([sent, more, status, type]).to match [
            sent,
            more,
            be_in(Array(expected)),
            "application/problem+json"
          ]
    told = JSON.parse(said)
    expect(told.values_at("status", "title", "faults")).to match [status, be_a(String), be_an(Array)]
    expect(@errors.string).to eq ""
  end

  RSpec::Matchers.define(:be_in) { |list| match { |value| list.include?(value) } }

  it "to a query that cannot be read" do
    [
      "x=%",
      "a[]=1&a[b]=2",
      "x=%ff",
      "find=%ff",
      "a=1&a[b]=2",
      "x=%00",
      "find=\u0000",
      "a#{"[b]" * 200}=1"
    ].each do |query|
      %w[/api/ingredients /api/services/1/plan /api/weeks/2026-11-24/order /api/services/1/day].each do |path|
        status, type, = send_raw("GET", path, query: query)
        expect([query, path, status, type]).to match [query, path, be_between(200, 499), /json/]
      end
    end
    problem 400, "GET", "/api/ingredients", query: "find=%"
    problem 400, "GET", "/api/ingredients", query: "find=%ff"
    problem 400, "GET", "/api/ingredients", query: "a[]=1&a[b]=2"
  end

  it "to a path that cannot be read" do
    problem [400, 404], "GET", "/api/ingredients/\xff".b
    problem [400, 404], "GET", "/api/ingredients/%ff"
    problem [400, 404], "GET", "/api/services/%00/plan"
    problem [400, 404, 422], "GET", "/api/services/#{"9" * 40}/plan"
    problem [404, 422], "GET", "/api/services/1e30/plan"
    problem [404, 422], "GET", "/api/services/-1/plan"
    problem [400, 404], "GET", "/assets/%00"
    problem [400, 404], "GET", "/assets/../../Gemfile"
    problem [400, 404], "GET", "/assets/\x00".b
  end

  it "to a method or a route that is not there" do
    problem 405, "FOO", "/api/services"
    problem 405, "DELETE", "/api/services"
    problem 405, "PATCH", "/api/services/1"
    problem 405, "POST", "/"
    problem 404, "GET", "/api/nothing"
    problem 404, "POST", "/api/nothing", body: "{}"
  end

  it "to a body that is none" do
    problem 400, "POST", "/api/plan", body: "{"
    problem 400, "POST", "/api/plan", body: "\xff\xfe{}"
    problem 400, "POST", "/api/plan", body: "{\"name\": \"\xff\"}"
    problem [400, 422], "POST", "/api/plan", body: ""
    problem [400, 422], "POST", "/api/plan", body: "null"
    problem [400, 422], "POST", "/api/plan", body: "[]"
    problem [400, 422], "POST", "/api/plan", body: "7"
    problem [400, 422], "POST", "/api/plan", body: "[" * 5000
    problem 422, "POST", "/api/services/import", body: "{}"
    problem 422, "POST", "/api/larder/import", body: "{}"
    problem 422, "POST", "/api/services/1/changes", body: '{"version":1e30,"at":"service/covers","value":1}'
    problem 422, "POST", "/api/services/1/changes", body: '{"version":0,"at":"service/covers","value":1e30}'
    problem 422, "POST", "/api/services/1/day", body: "{}"
  end

  it "to a body of another kind, and to one that is too large" do
    problem 415, "POST", "/api/plan", body: "a=1", type: "application/x-www-form-urlencoded"
    problem 415, "POST", "/api/plan", body: "--x\r\nbroken", type: "multipart/form-data; boundary=x"
    problem 415, "POST", "/api/plan", body: "--x", type: "multipart/form-data"
    problem 415, "PUT", "/api/kitchen", body: "<a/>", type: "text/xml"
    problem [400, 415], "POST", "/api/plan", body: "{}", type: "nonsense;;=;"
    problem 413, "POST", "/api/plan", body: "x" * (Scullion::Guards::BodyLimit::MOST + 1)
    problem 413, "POST", "/api/larder/import", body: " " * (Scullion::Guards::BodyLimit::MOST + 1)
  end

  it "to a stranger" do
    problem 403, "GET", "/api/services", HTTP_HOST: "elsewhere.example"
    problem 403, "POST", "/api/plan", body: "{}", HTTP_ORIGIN: "http://elsewhere.example"
    problem [400, 403], "GET", "/api/services", HTTP_HOST: "127.0.0.1\u0000"
  end

  it "to an address of no page, with a way on" do
    %w[/nothing /service/1/nowhere /salad/nosuch/x/y].each do |path|
      status, type, page = send_raw("GET", path, HTTP_ACCEPT: "text/html")
      expect([path, status, type, page]).to match [path, 404, %r{text/html}, %r{href="/"}]
    end
    expect(send_raw("GET", "/").first).to eq 200
  end
end
