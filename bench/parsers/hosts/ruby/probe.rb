# What every host in Ruby shares: the shape that is asked for, and how what was read is printed.
COMMANDS = ENV['PROBE'] == 'commands'
NAMES = %w[start status stop route:plan].freeze

def show(flags, values, operands, command = nil)
  puts "command #{command}" if command
  flags.each { |name, given| puts "option #{name}" if given }
  values.each { |name, value| Array(value).each { |one| puts "option #{name} #{one}".rstrip } unless value.nil? }
  operands.each { |one| puts "operand #{one}" }
  puts 'read'
end
