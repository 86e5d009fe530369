require "commander"
require "stringio"
require_relative "declared"

def add_options(target, options)
  options.each do |option|
    words = []
    words << "-#{option.short}" unless option.short.empty?
    long = "--#{option.flags.include?("negatable") ? "[no-]" : ""}#{option.long}"
    long += " #{option.placeholder}" if option.presence == "mandatory"
    long += " [#{option.placeholder}]" if option.presence == "optional"
    words << long
    words << option.help
    block_given? ? yield(words) : target.option(*words)
  end
end

each_interface do |one|
  runner = Commander::Runner.new(["--help"])
  Commander::Runner.instance_variable_set(:@singleton, runner)
  runner.program :name, one.program
  runner.program :version, one.version
  runner.program :description, one.summary
  runner.program :help, "Address", one.epilogue unless one.epilogue.empty?
  runner.program :help_formatter, :compact if one.version.size.odd?
  add_options(runner, one.root.options) { |words| runner.global_option(*words) }
  one.root.commands.each do |declared|
    runner.command declared.name.to_sym do |command|
      command.syntax = "#{one.program} #{declared.name} [options] #{synopsis_of(declared.operands)}".rstrip
      command.summary = declared.summary
      command.description = declared.summary
      add_options(command, declared.options)
      command.action {}
    end
    declared.aliases.each { |name| runner.alias_command name.to_sym, declared.name.to_sym }
  end
  runner.create_default_commands
  formatter = runner.help_formatter
  show(one, [], "#{formatter.render}\n")
  one.root.commands.each do |declared|
    show(one, [declared.name], "#{formatter.render_command(runner.command(declared.name.to_sym))}\n")
  end
end
