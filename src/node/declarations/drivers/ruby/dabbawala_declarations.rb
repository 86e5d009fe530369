# Ends a Ruby program where it is about to parse its command line, and says what its OptionParser declares: an interface document, in JSON,
# on the descriptor that DABBAWALA_DECLARATIONS names. Without that variable nothing happens. Loaded before the program by RUBYOPT; from a
# program of one's own: puts JSON.generate(DabbawalaDeclarations.document(parser)).
require 'optparse'

# What an OptionParser declares, as an interface document.
module DabbawalaDeclarations
  # Where the program declares each switch.
  DECLARED = {}.compare_by_identity

  module_function

  # Notes from now on which line of the program declares each switch, so that `document` can say it.
  def note_declarations
    OptionParser.prepend(Module.new do
      def make_switch(...)
        made = super
        line = caller_locations.find { |place| !place.path.end_with?('/optparse.rb') && place.path != __FILE__ }
        DECLARED[made.first] = "#{line.path}:#{line.lineno}" if line
        made
      end
    end)
  end

  def document(parser)
    # The first list is every parser's own; the second one holds what the program declares for the end of its help.
    lists = parser.instance_variable_get(:@stack)[1..] || []
    switches = lists.rotate.flat_map(&:list).grep(OptionParser::Switch)
    {
      'dabbawala' => '1',
      'program' => parser.program_name,
      'read-from' => 'objects',
      'parser' => 'ruby-optparse',
      'complete' => { 'options' => true },
      'options' => switches.map { |switch| option(switch) } + added(parser, switches)
    }
  end

  # The options that the parser adds by itself, where the program has none of these names.
  def added(parser, switches)
    taken = switches.flat_map { |switch| [*switch.short, *switch.long].map { |name| name.sub(/\A-+/, '') } }
    [%w[h help], *(parser.version ? [%w[v version]] : [])].reject { |_, long| taken.include?(long) }.map do |short, long|
      { 'option' => taken.include?(short) ? "--#{long}" : "-#{short}, --#{long}" }
    end
  end

  def option(switch)
    # A switch draws its names as its help does: `--[no-]colour`, with the argument behind the last.
    names = (switch.short || []).map { |name| "-#{name.delete_prefix('-')}" } + (switch.long || []).map { |name| "--#{name.delete_prefix('--')}" }
    facts = { 'help' => switch.desc.join(' ').strip }
    facts.delete('help') if facts['help'].empty?
    arity, word = argument(switch)
    drawn = names.map { |name| name + notation(name, arity) }
    facts['argument'] = word unless word.empty?
    facts['declared-at'] = DECLARED[switch] if DECLARED[switch]
    { 'option' => drawn.join(', ') }.merge(facts)
  end

  def argument(switch)
    arity = case switch
            when OptionParser::Switch::NoArgument then 'none'
            when OptionParser::Switch::OptionalArgument, OptionParser::Switch::PlacedArgument then 'optional'
            else 'mandatory'
            end
    return [arity, {}] if arity == 'none'

    word = {}
    name = switch.arg.to_s.gsub(/\A[\s=\[]+|\]\z/, '')
    word['placeholder'] = name unless name.empty?
    pattern = switch.pattern
    if pattern.respond_to?(:keys) then word['values'] = pattern.keys.map(&:to_s)
    elsif pattern.is_a?(Array) then word['values'] = pattern.map(&:to_s)
    end
    [arity, word]
  end

  def notation(name, arity)
    return '' if arity == 'none'
    return name.start_with?('--') ? '[=VALUE]' : '[VALUE]' if arity == 'optional'

    name.start_with?('--') ? '=VALUE' : ' VALUE'
  end
end

wanted = ENV.delete('DABBAWALA_DECLARATIONS')
if wanted
  DabbawalaDeclarations.note_declarations
  OptionParser.define_method(:parse_in_order) do |*, **|
    require 'json'
    text = begin
      raise ArgumentError, 'its library has an OptionParser inside that is not the whole' if defined?(Commander)

      JSON.generate(DabbawalaDeclarations.document(self))
    rescue StandardError => e
      JSON.generate('mistake' => "#{e.class}: #{e.message}")
    end
    IO.for_fd(wanted.to_i, 'w', autoclose: false).syswrite(text)
    # At once: nothing that the program would do at its end is done.
    Process.kill('KILL', Process.pid)
  end
end
