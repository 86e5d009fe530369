import java.util.List;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.ParentCommand;

/** picocli, with its customary help options. */
final class PicocliHost {
  enum Mode { fast, slow, sleepy }

  @Command(name = "probe", mixinStandardHelpOptions = true, version = "1.0")
  static final class Plain implements Runnable {
    @Option(names = {"-a", "--all"}) boolean all;
    @Option(names = {"-b", "--brief"}) boolean brief;
    @Option(names = {"-o", "--output"}) String output;
    @Option(names = "--outline") boolean outline;
    @Option(names = {"--quiet", "--quieter"}) boolean quiet;
    @Option(names = {"-c", "--color"}, arity = "0..1", fallbackValue = "") String color;
    @Option(names = "--mode") Mode mode;
    @Option(names = {"-n", "--dry-run"}) boolean dry;
    @Parameters List<String> files;

    @Override public void run() {
      Probe.flag("all", all);
      Probe.flag("brief", brief);
      Probe.flag("outline", outline);
      Probe.flag("quiet", quiet);
      Probe.flag("dry-run", dry);
      Probe.value("output", output);
      Probe.value("color", color);
      Probe.value("mode", mode);
      Probe.finish(files);
    }
  }

  @Command(name = "probe", mixinStandardHelpOptions = true, version = "1.0",
      subcommands = {Start.class, Status.class, Stop.class, RoutePlan.class})
  static final class Program {
    @Option(names = {"-b", "--brief"}) boolean brief;
  }

  abstract static class Below implements Runnable {
    @ParentCommand Program program;
    @Option(names = {"-a", "--all"}) boolean all;
    @Parameters List<String> files;

    @Override public void run() {
      Probe.command(getClass().getAnnotation(Command.class).name());
      Probe.flag("all", all);
      Probe.flag("brief", program.brief);
      Probe.finish(files);
    }
  }

  @Command(name = "start", aliases = "begin") static final class Start extends Below {}
  @Command(name = "status") static final class Status extends Below {}
  @Command(name = "stop") static final class Stop extends Below {}
  @Command(name = "route:plan") static final class RoutePlan extends Below {}

  public static void main(String[] words) {
    System.exit(new CommandLine(Probe.asksCommands() ? new Program() : new Plain()).execute(words));
  }
}
