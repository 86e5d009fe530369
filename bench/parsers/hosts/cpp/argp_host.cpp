// argp, GNU's parser above getopt_long.
#include "probe.hpp"
#include <argp.h>

static const struct argp_option OPTIONS[] = {
    {"all", 'a', nullptr, 0, "", 0},         {"brief", 'b', nullptr, 0, "", 0},
    {"output", 'o', "FILE", 0, "", 0},       {"outline", 1000, nullptr, 0, "", 0},
    {"quiet", 1001, nullptr, 0, "", 0},      {"quieter", 0, nullptr, OPTION_ALIAS, "", 0},
    {"color", 'c', "WHEN", OPTION_ARG_OPTIONAL, "", 0}, {"dry-run", 'n', nullptr, 0, "", 0},
    {nullptr, 0, nullptr, 0, nullptr, 0}};

static error_t parse(int key, char *value, struct argp_state *) {
  switch (key) {
    case 'a': option("all"); break;
    case 'b': option("brief"); break;
    case 'n': option("dry-run"); break;
    case 'o': option("output", value); break;
    case 'c': option("color", value); break;
    case 1000: option("outline"); break;
    case 1001: option("quiet"); break;
    case ARGP_KEY_ARG: operand(value); break;
    default: return ARGP_ERR_UNKNOWN;
  }
  return 0;
}

const char *argp_program_version = "1.0";

int main(int argc, char **argv) {
  static const struct argp declared = {OPTIONS, parse, "[FILE...]", "", nullptr, nullptr, nullptr};
  argp_parse(&declared, argc, argv, 0, nullptr, nullptr);
  read_all();
}
