// popt, with its own help.
#include "probe.hpp"
#include <popt.h>

static const struct poptOption OPTIONS[] = {
    {"all", 'a', POPT_ARG_NONE, nullptr, 'a', "all", nullptr},
    {"brief", 'b', POPT_ARG_NONE, nullptr, 'b', "brief", nullptr},
    {"output", 'o', POPT_ARG_STRING, nullptr, 'o', "output", "FILE"},
    {"outline", 0, POPT_ARG_NONE, nullptr, 1, "outline", nullptr},
    {"color", 'c', POPT_ARG_STRING | POPT_ARGFLAG_OPTIONAL, nullptr, 'c', "color", "WHEN"},
    {"dry-run", 'n', POPT_ARG_NONE, nullptr, 'n', "dry", nullptr},
    POPT_AUTOHELP POPT_TABLEEND};

int main(int argc, const char **argv) {
  poptContext context = poptGetContext(nullptr, argc, argv, OPTIONS, 0);
  int found;
  while ((found = poptGetNextOpt(context)) > 0) {
    switch (found) {
      case 'a': option("all"); break;
      case 'b': option("brief"); break;
      case 'n': option("dry-run"); break;
      case 'o': option("output", poptGetOptArg(context)); break;
      case 'c': option("color", poptGetOptArg(context)); break;
      case 1: option("outline"); break;
    }
  }
  if (found < -1) {
    std::fprintf(stderr, "%s: %s\n", poptBadOption(context, POPT_BADOPTION_NOALIAS), poptStrerror(found));
    return 1;
  }
  while (const char *text = poptGetArg(context)) operand(text);
  read_all();
}
