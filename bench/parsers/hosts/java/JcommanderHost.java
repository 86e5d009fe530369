import com.beust.jcommander.JCommander;
import com.beust.jcommander.Parameter;
import com.beust.jcommander.ParameterException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** jcommander as it is without further settings. */
final class JcommanderHost {
  enum Mode { fast, slow, sleepy }

  static final class Plain {
    @Parameter(names = {"-a", "--all"}) boolean all;
    @Parameter(names = {"-b", "--brief"}) boolean brief;
    @Parameter(names = {"-o", "--output"}) String output;
    @Parameter(names = "--outline") boolean outline;
    @Parameter(names = {"--quiet", "--quieter"}) boolean quiet;
    @Parameter(names = "--mode") Mode mode;
    @Parameter(names = {"-n", "--dry-run"}) boolean dry;
    @Parameter List<String> files = new ArrayList<>();
  }

  static final class Program {
    @Parameter(names = {"-b", "--brief"}) boolean brief;
  }

  static final class Below {
    @Parameter(names = {"-a", "--all"}) boolean all;
    @Parameter List<String> files = new ArrayList<>();
  }

  public static void main(String[] words) {
    try {
      if (Probe.asksCommands()) readCommands(words);
      else readOptions(words);
    } catch (ParameterException mistake) {
      System.err.println(mistake.getMessage());
      System.exit(1);
    }
  }

  private static void readOptions(String[] words) {
    final Plain found = new Plain();
    JCommander.newBuilder().addObject(found).build().parse(words);
    Probe.flag("all", found.all);
    Probe.flag("brief", found.brief);
    Probe.flag("outline", found.outline);
    Probe.flag("quiet", found.quiet);
    Probe.flag("dry-run", found.dry);
    Probe.value("output", found.output);
    Probe.value("mode", found.mode);
    Probe.finish(found.files);
  }

  private static void readCommands(String[] words) {
    final Program program = new Program();
    final JCommander parser = JCommander.newBuilder().addObject(program).build();
    final Map<String, Below> commands = new HashMap<>();
    for (String name : Probe.NAMES) {
      final Below below = new Below();
      commands.put(name, below);
      if (name.equals("start")) parser.addCommand(name, below, "begin");
      else parser.addCommand(name, below);
    }
    parser.parse(words);
    final String name = parser.getParsedCommand();
    if (name == null) throw new ParameterException("no command");
    Probe.command(name);
    Probe.flag("all", commands.get(name).all);
    Probe.flag("brief", program.brief);
    Probe.finish(commands.get(name).files);
  }
}
