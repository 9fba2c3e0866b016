# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "Copies of the data", :server, :sqlite do
  it "are listed with size and time, and made when asked for" do
    expect(ask(:get, "/api/backups")["copies"]).to eq []
    made = ask(:post, "/api/backups")
    expect([last_response.status, made["copies"].size]).to eq [201, 1]
    copy = made["copies"].first
    expect([copy["bytes"], Time.iso8601(copy["at"])]).to match [be > 50_000, be_within(60).of(Time.now)]
    expect(Scullion::Records.database.faults_of(File.join(made["folder"], copy["name"]))).to eq []
  end

  it "say why there is none where there is no room" do
    allow(Scullion::Boot).to receive(:door).and_return(["bin/backup: no space\n", double(success?: false)])
    expect(ask(:post, "/api/backups")["title"]).to eq "bin/backup: no space"
    expect(last_response.status).to eq 503
  end
end
