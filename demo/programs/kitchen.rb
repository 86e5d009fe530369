#!/usr/bin/env ruby
# Says what a kitchen cooks. Part of the demo: what it declares to OptionParser is more than its help shows.
require 'optparse'

HELP = <<~END
  Usage: kitchen [OPTION]...
  Say what a kitchen cooks.

    -k, --kind=KIND   dishes of KIND only
        --day=DAY     on DAY
    -h, --help        print this help
END

said = {}
parser = OptionParser.new do |options|
  options.on('-k', '--kind=KIND', %w[warm cold sweet]) { |kind| said[:kind] = kind }
  options.on('--day=DAY', Integer) { |day| said[:day] = day }
  options.on('--[no-]allergens') { |shown| said[:allergens] = shown }
  options.on('-h', '--help') { said[:help] = true }
end
begin
  parser.parse!
rescue OptionParser::ParseError => e
  warn "kitchen: #{e.message}"
  exit 2
end
puts said[:help] ? HELP : 'rice'
