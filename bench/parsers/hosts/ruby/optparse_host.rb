require 'optparse'
require_relative 'probe'

flags = {}
values = {}
parser = OptionParser.new
parser.program_name = 'probe'
parser.on('-a', '--all') { |given| flags['all'] = given }
parser.on('-b', '--brief') { |given| flags['brief'] = given }
parser.on('-o', '--output FILE') { |text| (values['output'] ||= []) << text }
parser.on('--outline') { |given| flags['outline'] = given }
parser.on('--quiet', '--quieter') { |given| flags['quiet'] = given }
parser.on('-c', '--color [WHEN]') { |text| values['color'] = text || '' }
parser.on('--mode MODE', %w[fast slow sleepy]) { |text| values['mode'] = text }
parser.on('-n', '--dry-run') { |given| flags['dry-run'] = given }
begin
  operands = parser.parse(ARGV)
rescue OptionParser::ParseError => e
  warn e.message
  exit 1
end
show(flags, values, operands)
