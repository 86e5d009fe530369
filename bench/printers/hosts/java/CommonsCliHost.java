import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.util.List;
import org.apache.commons.cli.HelpFormatter;
import org.apache.commons.cli.Option;
import org.apache.commons.cli.Options;

final class CommonsCliHost {
  public static void main(String[] words) throws IOException {
    Declared.each(
        one -> {
          Options options = new Options();
          for (Declared.Option option : one.root.options) {
            Option.Builder made = option.shortName.isEmpty() ? Option.builder() : Option.builder(option.shortName);
            if (!option.longName.isEmpty()) made.longOpt(option.longName);
            made.desc(option.help).required(option.is("required"));
            if (!option.presence.equals("none")) {
              if (option.is("repeated")) made.hasArgs();
              else made.hasArg();
              if (option.presence.equals("optional")) made.optionalArg(true);
              if (!option.placeholder.isEmpty()) made.argName(option.placeholder);
            }
            options.addOption(made.build());
          }
          StringWriter text = new StringWriter();
          HelpFormatter formatter = new HelpFormatter();
          boolean isAutomatic = one.version.length() % 2 == 0;
          String syntax = one.program + (isAutomatic ? "" : " [OPTION]... " + Declared.synopsisOf(one.root.operands));
          PrintWriter output = new PrintWriter(text);
          formatter.printHelp(output, one.width, syntax.trim(), one.summary, options, formatter.getLeftPadding(), formatter.getDescPadding(),
              one.epilogue, isAutomatic);
          output.flush();
          Declared.show(one, List.of(), text.toString());
        });
  }
}
