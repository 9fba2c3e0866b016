# frozen_string_literal: true

require_relative "gems"
require "scullion"

# The house that a command answers for: this kitchen's, from the database that bin/start serves
# (SCULLION_DB), with its own measures, figures, vessels and house rules; the house as it comes where there is
# no database yet, or --shipped asks for it.
module CommandHouse
  # @param shipped [Boolean] @return [Scullion::House]
  def self.find(shipped: false)
    path = ENV.fetch("SCULLION_DB") { File.expand_path("../var/scullion.sqlite3", __dir__) }
    on_a_server = path.match?(%r{\Apostgres(ql)?://})
    return Scullion::House.shipped if shipped || !(on_a_server || File.file?(path))

    require_relative "../server/server"
    return Scullion::Records::House.ours if Scullion::Records.connect(path)

    abort "#{$PROGRAM_NAME}: #{path} is of another version. Run bin/start once, or say --shipped."
  rescue ActiveRecord::ActiveRecordError => e
    why = e.message.lines.first.strip
    abort "#{$PROGRAM_NAME}: #{path} cannot be read: #{why}. Mend it, or say --shipped."
  end
end
