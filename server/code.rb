# frozen_string_literal: true

module Scullion
  # What this server runs: an answer that another version gave is not taken for one of this.
  module Code
    ROOT = File.expand_path("..", __dir__)
    FILES = Dir[File.join(ROOT, "{core,server}/**/*.{rb,yml,yaml}")].grep_v(%r{/spec/}).sort
    STAMP = FILES.reduce(Digest::SHA256.new) { |sum, file| sum << File.binread(file) }.hexdigest.freeze
  end
end
