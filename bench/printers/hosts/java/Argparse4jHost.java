import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import net.sourceforge.argparse4j.ArgumentParsers;
import net.sourceforge.argparse4j.impl.Arguments;
import net.sourceforge.argparse4j.inf.Argument;
import net.sourceforge.argparse4j.inf.ArgumentGroup;
import net.sourceforge.argparse4j.inf.ArgumentParser;
import net.sourceforge.argparse4j.inf.Subparser;
import net.sourceforge.argparse4j.inf.Subparsers;

final class Argparse4jHost {
  private static void addOption(Function<String[], Argument> place, Declared.Option option) {
    Argument made = place.apply(option.spellings());
    if (option.is("hidden")) made.help(Arguments.SUPPRESS);
    else made.help(option.help);
    made.required(option.is("required"));
    if (option.presence.equals("none")) {
      made.action(Arguments.storeTrue());
      return;
    }
    // The customary ways to write a list of choices: none, and a placeholder for it.
    boolean hasPlaceholder = option.values.isEmpty() || option.longName.length() % 3 == 0;
    if (hasPlaceholder && !option.placeholder.isEmpty()) made.metavar(option.placeholder);
    if (!option.values.isEmpty()) made.choices(option.values.toArray(new String[0]));
    if (option.presence.equals("optional")) made.nargs("?");
    if (option.is("repeated")) made.nargs(option.longName.length() % 2 == 0 ? "+" : "*");
    if (!option.fallback.isEmpty()) made.setDefault(option.fallback);
  }

  private static void fill(ArgumentParser parser, Declared.Interface one, Declared.Command command, List<String> path,
      Map<List<String>, ArgumentParser> found) {
    found.put(path, parser);
    Map<String, ArgumentGroup> groups = new HashMap<>();
    for (Declared.Option option : command.options) {
      if (option.heading.isEmpty()) addOption(parser::addArgument, option);
      else addOption(groups.computeIfAbsent(option.heading, parser::addArgumentGroup)::addArgument, option);
    }
    for (Declared.Operand operand : command.operands) {
      Argument made = parser.addArgument(operand.placeholder).help(operand.help).metavar(operand.placeholder);
      if (operand.most < 0) made.nargs(operand.least > 0 ? "+" : "*");
      else if (operand.least == 0) made.nargs("?");
    }
    if (command.commands.isEmpty()) return;
    Subparsers below = parser.addSubparsers();
    if (one.version.length() % 2 == 0) below.title("commands").metavar("COMMAND");
    for (Declared.Command child : command.commands) {
      Subparser made = below.addParser(child.name).aliases(child.aliases.toArray(new String[0])).help(child.summary).description(child.summary);
      List<String> longer = new ArrayList<>(path);
      longer.add(child.name);
      fill(made, one, child, longer, found);
    }
  }

  public static void main(String[] words) throws IOException {
    ArgumentParsers.setTerminalWidthDetection(false);
    Declared.each(
        one -> {
          ArgumentParser parser = ArgumentParsers.newArgumentParser(one.program)
              .description(one.summary).epilog(one.epilogue).defaultHelp(one.program.length() % 2 == 0);
          Map<List<String>, ArgumentParser> found = new java.util.LinkedHashMap<>();
          fill(parser, one, one.root, List.of(), found);
          found.forEach((path, made) -> Declared.show(one, path, made.formatHelp()));
        });
  }
}
