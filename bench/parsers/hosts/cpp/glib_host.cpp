// glib's option parser.
#include "probe.hpp"
#include <glib.h>

int main(int argc, char **argv) {
  gboolean all = false, brief = false, outline = false, dry = false;
  char *output = nullptr;
  char **rest = nullptr;
  const GOptionEntry options[] = {
      {"all", 'a', 0, G_OPTION_ARG_NONE, &all, "all", nullptr},
      {"brief", 'b', 0, G_OPTION_ARG_NONE, &brief, "brief", nullptr},
      {"output", 'o', 0, G_OPTION_ARG_STRING, &output, "output", "FILE"},
      {"outline", 0, 0, G_OPTION_ARG_NONE, &outline, "outline", nullptr},
      {"dry-run", 'n', 0, G_OPTION_ARG_NONE, &dry, "dry", nullptr},
      {G_OPTION_REMAINING, 0, 0, G_OPTION_ARG_STRING_ARRAY, &rest, nullptr, nullptr},
      {nullptr, 0, 0, G_OPTION_ARG_NONE, nullptr, nullptr, nullptr}};
  GOptionContext *context = g_option_context_new("[FILE...]");
  g_option_context_add_main_entries(context, options, nullptr);
  GError *error = nullptr;
  if (!g_option_context_parse(context, &argc, &argv, &error)) {
    std::fprintf(stderr, "%s\n", error->message);
    return 1;
  }
  if (all) option("all");
  if (brief) option("brief");
  if (outline) option("outline");
  if (dry) option("dry-run");
  if (output != nullptr) option("output", output);
  for (char **one = rest; one != nullptr && *one != nullptr; one++) operand(*one);
  read_all();
}
