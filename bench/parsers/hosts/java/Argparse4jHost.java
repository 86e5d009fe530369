import net.sourceforge.argparse4j.ArgumentParsers;
import net.sourceforge.argparse4j.impl.Arguments;
import net.sourceforge.argparse4j.inf.ArgumentParser;
import net.sourceforge.argparse4j.inf.ArgumentParserException;
import net.sourceforge.argparse4j.inf.Namespace;
import net.sourceforge.argparse4j.inf.Subparser;
import net.sourceforge.argparse4j.inf.Subparsers;

/** argparse4j. */
final class Argparse4jHost {
  public static void main(String[] words) {
    final ArgumentParser parser = ArgumentParsers.newArgumentParser("probe");
    parser.addArgument("-b", "--brief").action(Arguments.storeTrue());
    if (Probe.asksCommands()) {
      final Subparsers below = parser.addSubparsers().dest("command");
      for (String name : Probe.NAMES) {
        final Subparser one = below.addParser(name);
        if (name.equals("start")) one.aliases("begin");
        one.setDefault("command", name);
        one.addArgument("-a", "--all").action(Arguments.storeTrue());
        one.addArgument("file").nargs("*");
      }
    } else {
      parser.addArgument("-a", "--all").action(Arguments.storeTrue());
      parser.addArgument("-o", "--output");
      parser.addArgument("--outline").action(Arguments.storeTrue());
      parser.addArgument("--quiet", "--quieter").action(Arguments.storeTrue());
      parser.addArgument("-c", "--color").nargs("?").setConst("");
      parser.addArgument("--mode").choices("fast", "slow", "sleepy");
      parser.addArgument("-n", "--dry-run").action(Arguments.storeTrue());
      parser.addArgument("file").nargs("*");
    }
    try {
      final Namespace found = parser.parseArgs(words);
      if (found.getString("command") != null) Probe.command(found.getString("command"));
      for (String name : new String[] {"all", "brief", "outline", "quiet", "dry_run"})
        Probe.flag(name.replace('_', '-'), Boolean.TRUE.equals(found.getBoolean(name)));
      for (String name : new String[] {"output", "color", "mode"}) Probe.value(name, found.getString(name));
      Probe.finish(found.getList("file"));
    } catch (ArgumentParserException mistake) {
      parser.handleError(mistake);
      System.exit(1);
    }
  }
}
