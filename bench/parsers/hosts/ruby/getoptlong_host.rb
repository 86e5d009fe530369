require 'getoptlong'
require_relative 'probe'

options = GetoptLong.new(
  ['--all', '-a', GetoptLong::NO_ARGUMENT],
  ['--brief', '-b', GetoptLong::NO_ARGUMENT],
  ['--output', '-o', GetoptLong::REQUIRED_ARGUMENT],
  ['--outline', GetoptLong::NO_ARGUMENT],
  ['--quiet', '--quieter', GetoptLong::NO_ARGUMENT],
  ['--color', '-c', GetoptLong::OPTIONAL_ARGUMENT],
  ['--dry-run', '-n', GetoptLong::NO_ARGUMENT]
)
flags = {}
values = {}
begin
  options.each do |name, text|
    name = name.delete_prefix('--')
    if %w[output color].include?(name) then (values[name] ||= []) << text
    else flags[name] = true
    end
  end
rescue GetoptLong::Error
  exit 1
end
show(flags, values, ARGV)
