# Reads declarations of interfaces, and prints helps between marks. See ../README.md.

DeclaredOption = Struct.new(:short, :long, :aliases, :presence, :placeholder, :type, :values, :default, :least, :most, :environment, :flags,
                            :heading, :help)
DeclaredOperand = Struct.new(:placeholder, :least, :most, :values, :help)
DeclaredCommand = Struct.new(:depth, :name, :aliases, :flags, :heading, :summary, :options, :operands, :commands)
DeclaredInterface = Struct.new(:id, :width, :program, :version, :summary, :epilogue, :root)

# Calls back for every interface of standard input.
def each_interface
  one = nil
  line = []
  $stdin.each_line do |text|
    kind, *fields = text.chomp.split("\t", -1)
    case kind
    when "I"
      one = DeclaredInterface.new(*fields.first(6))
      one.width = one.width.to_i
    when "C"
      command = DeclaredCommand.new(*fields, [], [], [])
      command.depth = command.depth.to_i
      command.aliases = command.aliases.split(",")
      command.depth.zero? ? one.root = command : line[command.depth - 1].commands << command
      line = line[0, command.depth] + [command]
    when "O"
      option = DeclaredOption.new(*fields)
      %i[aliases values flags].each { |list| option[list] = option[list].split(",") }
      line.last.options << option
    when "A"
      operand = DeclaredOperand.new(*fields)
      operand.least = operand.least.to_i
      operand.most = operand.most.to_i
      line.last.operands << operand
    when "E"
      yield one
    end
  end
end

# Writes operands as the authors of usage lines do.
def synopsis_of(operands)
  operands.map do |operand|
    word = operand.most.negative? ? "#{operand.placeholder}..." : operand.placeholder
    operand.least.zero? ? "[#{word}]" : word
  end.join(" ")
end

# Prints one help.
def show(one, path, text)
  puts "\u0001#{one.id}\t#{path.join(" ")}\n#{text}\u0002"
end
