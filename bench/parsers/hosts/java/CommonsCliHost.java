import org.apache.commons.cli.CommandLine;
import org.apache.commons.cli.DefaultParser;
import org.apache.commons.cli.Option;
import org.apache.commons.cli.Options;
import org.apache.commons.cli.ParseException;

/** commons-cli with its default parser. */
final class CommonsCliHost {
  public static void main(String[] words) {
    final Options options = new Options();
    options.addOption("a", "all", false, "all").addOption("b", "brief", false, "brief").addOption("o", "output", true, "output");
    options.addOption(null, "outline", false, "outline").addOption("n", "dry-run", false, "dry");
    options.addOption(Option.builder("c").longOpt("color").optionalArg(true).numberOfArgs(1).build());
    try {
      final CommandLine found = new DefaultParser().parse(options, words);
      for (String name : new String[] {"all", "brief", "outline", "dry-run"}) Probe.flag(name, found.hasOption(name));
      Probe.value("output", found.getOptionValue("output"));
      if (found.hasOption("color")) Probe.value("color", found.getOptionValue("color", ""));
      Probe.finish(found.getArgList());
    } catch (ParseException mistake) {
      System.err.println(mistake.getMessage());
      System.exit(1);
    }
  }
}
