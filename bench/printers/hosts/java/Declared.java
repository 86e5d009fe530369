import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.Consumer;

/** Reads declarations of interfaces, and prints helps between marks. See ../README.md. */
final class Declared {
  static final class Option {
    String shortName, longName, presence, placeholder, type, fallback, environment, heading, help;
    List<String> aliases, values, flags;

    boolean is(String flag) {
      return flags.contains(flag);
    }

    String[] spellings() {
      List<String> names = new ArrayList<>();
      if (!shortName.isEmpty()) names.add("-" + shortName);
      if (!longName.isEmpty()) names.add("--" + longName);
      for (String alias : aliases) names.add("--" + alias);
      return names.toArray(new String[0]);
    }
  }

  static final class Operand {
    String placeholder, help;
    int least, most;
    List<String> values;
  }

  static final class Command {
    String name, summary, heading;
    List<String> aliases;
    boolean isHidden;
    final List<Option> options = new ArrayList<>();
    final List<Operand> operands = new ArrayList<>();
    final List<Command> commands = new ArrayList<>();
  }

  static final class Interface {
    String id, program, version, summary, epilogue;
    int width;
    Command root;
  }

  private static final PrintStream OUTPUT = new PrintStream(System.out, false, StandardCharsets.UTF_8);

  private static List<String> listed(String field) {
    return field.isEmpty() ? List.of() : Arrays.asList(field.split(","));
  }

  /** Calls back for every interface of standard input. */
  static void each(Consumer<Interface> use) throws IOException {
    BufferedReader input = new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8));
    Interface one = null;
    List<Command> line = new ArrayList<>();
    for (String text = input.readLine(); text != null; text = input.readLine()) {
      String[] f = text.split("\t", -1);
      Command last = line.isEmpty() ? null : line.get(line.size() - 1);
      switch (f[0]) {
        case "I":
          one = new Interface();
          one.id = f[1];
          one.width = Integer.parseInt(f[2]);
          one.program = f[3];
          one.version = f[4];
          one.summary = f[5];
          one.epilogue = f[6];
          break;
        case "C":
          Command command = new Command();
          int depth = Integer.parseInt(f[1]);
          command.name = f[2];
          command.aliases = listed(f[3]);
          command.isHidden = f[4].equals("hidden");
          command.heading = f[5];
          command.summary = f[6];
          while (line.size() > depth) line.remove(line.size() - 1);
          if (depth == 0) one.root = command;
          else line.get(depth - 1).commands.add(command);
          line.add(command);
          break;
        case "O":
          Option option = new Option();
          option.shortName = f[1];
          option.longName = f[2];
          option.aliases = listed(f[3]);
          option.presence = f[4];
          option.placeholder = f[5];
          option.type = f[6];
          option.values = listed(f[7]);
          option.fallback = f[8];
          option.environment = f[11];
          option.flags = listed(f[12]);
          option.heading = f[13];
          option.help = f[14];
          last.options.add(option);
          break;
        case "A":
          Operand operand = new Operand();
          operand.placeholder = f[1];
          operand.least = Integer.parseInt(f[2]);
          operand.most = Integer.parseInt(f[3]);
          operand.values = listed(f[4]);
          operand.help = f[5];
          last.operands.add(operand);
          break;
        default:
          use.accept(one);
      }
    }
    OUTPUT.flush();
  }

  /** Writes operands as the authors of usage lines do. */
  static String synopsisOf(List<Operand> operands) {
    List<String> words = new ArrayList<>();
    for (Operand one : operands) {
      String word = one.placeholder + (one.most < 0 ? "..." : "");
      words.add(one.least > 0 ? word : "[" + word + "]");
    }
    return String.join(" ", words);
  }

  /** Prints one help. */
  static void show(Interface one, List<String> path, String text) {
    OUTPUT.print("\u0001" + one.id + "\t" + String.join(" ", path) + "\n" + text + "\u0002\n");
  }
}
