import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import picocli.CommandLine;
import picocli.CommandLine.Model.ArgGroupSpec;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Model.OptionSpec;
import picocli.CommandLine.Model.PositionalParamSpec;

final class PicocliHost {
  private static final List<Class<?>> TYPES = List.of(String.class, int.class, double.class, java.io.File.class);
  private static final List<String> KINDS = List.of("text", "integer", "number", "file");

  private static OptionSpec optionOf(Declared.Option option) {
    String help = option.help.replace("%", "%%");
    OptionSpec.Builder made = OptionSpec.builder(option.spellings()).hidden(option.is("hidden")).required(option.is("required"));
    if (option.presence.equals("none")) {
      made.type(boolean.class).negatable(option.is("negatable"));
    } else {
      made.arity(option.presence.equals("optional") ? "0..1" : "1").type(TYPES.get(KINDS.indexOf(option.type)));
      if (option.is("repeated")) made.arity("1..*").type(String[].class);
      if (!option.placeholder.isEmpty()) made.paramLabel(option.placeholder);
      if (!option.values.isEmpty()) {
        made.completionCandidates(option.values);
        help += " Valid values: ${COMPLETION-CANDIDATES}";
      }
      if (!option.fallback.isEmpty()) made.defaultValue(option.fallback).showDefaultValue(CommandLine.Help.Visibility.ALWAYS);
    }
    return made.description(help.trim()).build();
  }

  private static CommandSpec specOf(Declared.Interface one, Declared.Command command) {
    CommandSpec spec = CommandSpec.create().name(command.name);
    if (one.version.length() % 2 == 0) spec.mixinStandardHelpOptions(true);
    spec.usageMessage().width(one.width).description(command.summary.replace("%", "%%")).hidden(command.isHidden);
    spec.aliases(command.aliases.toArray(new String[0]));
    java.util.Map<String, ArgGroupSpec.Builder> groups = new java.util.LinkedHashMap<>();
    for (Declared.Option option : command.options) {
      if (option.heading.isEmpty()) spec.addOption(optionOf(option));
      else
        groups.computeIfAbsent(option.heading, heading -> ArgGroupSpec.builder().exclusive(false).validate(false).heading(heading + "%n"))
            .addArg(optionOf(option));
    }
    groups.values().forEach(group -> spec.addArgGroup(group.build()));
    for (int i = 0; i < command.operands.size(); i++) {
      Declared.Operand operand = command.operands.get(i);
      boolean isMany = operand.most < 0;
      spec.addPositional(
          PositionalParamSpec.builder()
              .index(isMany ? i + "..*" : String.valueOf(i))
              .arity((operand.least > 0 ? "1" : "0") + (isMany ? "..*" : "..1"))
              .type(isMany ? String[].class : String.class)
              .required(operand.least > 0)
              .paramLabel(operand.placeholder)
              .description(operand.help.replace("%", "%%"))
              .build());
    }
    for (Declared.Command below : command.commands) spec.addSubcommand(below.name, specOf(one, below));
    return spec;
  }

  private static void print(Declared.Interface one, CommandLine line, Declared.Command command, List<String> path) {
    Declared.show(one, path, line.getUsageMessage(CommandLine.Help.Ansi.OFF));
    for (Declared.Command below : command.commands) {
      List<String> longer = new ArrayList<>(path);
      longer.add(below.name);
      print(one, line.getSubcommands().get(below.name), below, longer);
    }
  }

  public static void main(String[] words) throws IOException {
    Declared.each(
        one -> {
          CommandSpec spec = specOf(one, one.root);
          spec.usageMessage().description(one.summary.replace("%", "%%"));
          if (!one.epilogue.isEmpty()) spec.usageMessage().footer(one.epilogue);
          print(one, new CommandLine(spec), one.root, List.of());
        });
  }
}
