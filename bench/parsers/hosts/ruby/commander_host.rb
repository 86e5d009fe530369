require 'commander'
require_relative 'probe'

# Every program of this library has commands; the options are those of one of them.
class Probe
  include Commander::Methods

  def run
    program :name, 'probe'
    program :version, '1.0'
    program :description, 'probe'
    brief = nil
    global_option('-b', '--brief', 'brief') { brief = true } if COMMANDS
    (COMMANDS ? NAMES : ['read']).each do |name|
      command name.to_sym do |one|
        one.option '-a', '--all', 'all'
        unless COMMANDS
          one.option '-b', '--brief', 'brief'
          one.option '-o', '--output FILE', String, 'output'
          one.option '--outline', 'outline'
          one.option '-c', '--color [WHEN]', 'color'
          one.option '-n', '--dry-run', 'dry'
        end
        one.action do |words, options|
          flags = { 'all' => options.all, 'brief' => COMMANDS ? brief : options.brief }
          values = {}
          unless COMMANDS
            flags.merge!('outline' => options.outline, 'dry-run' => options.dry_run)
            values = { 'output' => options.output, 'color' => options.color == true ? '' : options.color }
          end
          show(flags, values, words, COMMANDS ? name : nil)
        end
      end
    end
    default_command :read unless COMMANDS
    alias_command :begin, :start if COMMANDS
    run!
  end
end

Probe.new.run
