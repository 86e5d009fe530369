require "optimist"
require "stringio"
require_relative "declared"

TYPES = { "integer" => :int, "number" => :float }.freeze

each_interface do |one|
  ENV["COLUMNS"] = one.width.to_s
  parser = Optimist::Parser.new do
    version "#{one.program} #{one.version}"
    usage "[options] #{synopsis_of(one.root.operands)}".rstrip if one.program.size.even?
    synopsis one.summary
    one.root.options.group_by(&:heading).each do |heading, options|
      text "\n#{heading}:" unless heading.empty?
      options.each do |option|
        more = { long: option.long }
        more[:short] = option.short.empty? ? :none : option.short
        more[:type] = option.presence == "none" ? :flag : (TYPES[option.type] || :string)
        more[:type] = :"#{more[:type]}s" if option.flags.include?("repeated") && more[:type] != :flag
        more[:required] = true if option.flags.include?("required")
        unless option.default.empty?
          more[:default] = { "integer" => option.default.to_i, "number" => option.default.to_f }.fetch(option.type, option.default)
        end
        opt option.long.tr("-", "_").to_sym, option.help, **more
      end
    end
  end
  printed = StringIO.new
  parser.instance_variable_set(:@width, one.width)
  $0 = one.program
  parser.educate(printed)
  show(one, [], printed.string)
end
