import java.util.List;

/** How every host in Java prints what its parser read. */
final class Probe {
  static final List<String> NAMES = List.of("start", "status", "stop", "route:plan");

  private Probe() {}

  static boolean asksCommands() {
    return "commands".equals(System.getenv("PROBE"));
  }

  static void command(String name) {
    System.out.println("command " + name);
  }

  static void flag(String name, boolean given) {
    if (given) System.out.println("option " + name);
  }

  static void value(String name, Object value) {
    if (value != null) System.out.println(("option " + name + " " + value).stripTrailing());
  }

  static void finish(Iterable<?> operands) {
    if (operands != null) for (Object one : operands) System.out.println("operand " + one);
    System.out.println("read");
  }
}
