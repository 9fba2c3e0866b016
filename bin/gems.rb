# frozen_string_literal: true

# Finds the gems where bin/prepare puts them, for the commands that run without it.
ENV["BUNDLE_GEMFILE"] ||= File.expand_path("../Gemfile", __dir__)
ENV["BUNDLE_PATH"] ||= ENV.fetch("SCULLION_GEMS") do
  File.join(ENV.fetch("XDG_CACHE_HOME") { File.join(Dir.home, ".cache") }, "scullion/gems")
end

ENV["BUNDLE_WITH"] ||= "postgres" if ENV["SCULLION_DB"].to_s.match?(%r{\Apostgres(ql)?://})

begin
  require "bundler/setup"
rescue Bundler::GemNotFound, Bundler::GitError
  abort "#{$PROGRAM_NAME}: the gems are not installed yet. Run bin/start once."
end

$LOAD_PATH.unshift File.expand_path("../core/lib", __dir__)
