# frozen_string_literal: true

source "https://rubygems.org"

ruby ">= 3.1"

gem "activerecord", "~> 7.2.0"
gem "committee", "~> 5.6"
gem "icalendar", "~> 2.12"
gem "nokogiri", "~> 1.18.0"
gem "prawn", "~> 2.5"
gem "prawn-table", "~> 0.2.2"
gem "puma", "~> 8.0"
gem "rack", "~> 3.1"
gem "rackup", "~> 2.2"
gem "rqrcode", "~> 3.1"
gem "sinatra", "~> 4.2"
gem "sqlite3", "~> 2.8.0"
gem "zeitwerk", "~> 2.6.0"

# For a house that keeps its data on a PostgreSQL server; needs libpq's headers to install.
group :postgres, optional: true do
  gem "pg", "~> 1.7.0", require: false
end

group :test do
  gem "capybara", "~> 3.40"
  gem "cuprite", "~> 0.19.0", require: false
  gem "rack-test", "~> 2.2"
  gem "rspec", "~> 3.13"
  gem "rspec-retry", "~> 0.6.2", require: false
  gem "rubocop", "~> 1.80", require: false
  gem "rubocop-performance", "~> 1.26", require: false
  gem "syntax_tree", "~> 6.2", require: false
end
