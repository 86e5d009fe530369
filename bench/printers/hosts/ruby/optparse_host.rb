require "optparse"
require_relative "declared"

TYPES = { "integer" => Integer, "number" => Float }.freeze

def argument(option, placeholder)
  case option.presence
  when "none" then ""
  when "optional" then "[#{placeholder}]"
  else placeholder
  end
end

each_interface do |one|
  parser = OptionParser.new
  parser.program_name = one.program
  parser.banner = "Usage: #{one.program} [options] #{synopsis_of(one.root.operands)}".rstrip
  parser.separator ""
  parser.separator one.summary
  one.root.options.group_by(&:heading).each do |heading, options|
    parser.separator ""
    parser.separator(heading.empty? ? "Options:" : "#{heading}:")
    options.each do |option|
      words = []
      placeholder = argument(option, option.placeholder)
      words << "-#{option.short}#{option.long.empty? && placeholder != "" ? " #{placeholder}" : ""}" unless option.short.empty?
      unless option.long.empty?
        name = option.flags.include?("negatable") ? "[no-]#{option.long}" : option.long
        joint = option.presence == "none" ? "" : (option.long.size.even? ? " " : "=")
        joint = "" if option.presence == "optional" && joint == "="
        words << "--#{name}#{joint}#{option.presence == "optional" && joint == "" ? "[=#{option.placeholder}]" : placeholder}"
      end
      words << TYPES[option.type] if TYPES[option.type] && option.presence != "none"
      words << option.values if option.values.any?
      text = option.help
      text += " (#{option.values.join(", ")})" if option.values.any?
      text += " (default: #{option.default})" unless option.default.empty?
      words << text.strip unless text.strip.empty?
      parser.on(*words)
    end
  end
  parser.separator ""
  parser.separator "Common options:"
  parser.on_tail("-h", "--help", "Show this message") {}
  show(one, [], parser.help)
end
