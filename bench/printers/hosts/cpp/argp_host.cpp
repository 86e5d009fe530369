#include <argp.h>
#include <cstdio>
#include <cstdlib>
#include <cstring>

#include "declared.hpp"

int main() {
  eachInterface([](DeclaredInterface &one) {
    std::vector<argp_option> options;
    std::string heading;
    int number = 1000;
    for (const DeclaredOption &option : one.options) {
      if (option.heading != heading) {
        heading = option.heading;
        options.push_back(argp_option{nullptr, 0, nullptr, 0, (new std::string(heading + ":"))->c_str(), 0});
        if (heading.empty()) options.pop_back();
      }
      const int key = option.shortName.empty() ? number++ : option.shortName[0];
      int flags = option.is("hidden") ? OPTION_HIDDEN : 0;
      if (option.presence == "optional") flags |= OPTION_ARG_OPTIONAL;
      const char *argument = option.presence == "none" ? nullptr : option.placeholder.c_str();
      options.push_back(argp_option{option.longName.empty() ? nullptr : option.longName.c_str(), key, argument, flags,
                                    option.help.c_str(), 0});
      for (const std::string &alias : option.aliases)
        options.push_back(argp_option{alias.c_str(), number++, nullptr, OPTION_ALIAS, nullptr, 0});
    }
    options.push_back(argp_option{});
    const std::string operands = synopsisOf(one.operands);
    const std::string about = one.summary + (one.epilogue.empty() ? "" : "\v" + one.epilogue);
    const argp parser{options.data(), nullptr, operands.c_str(), about.c_str(), nullptr, nullptr, nullptr};
    char *text = nullptr;
    std::size_t size = 0;
    FILE *output = open_memstream(&text, &size);
    argp_help(&parser, output, ARGP_HELP_STD_HELP & ~(ARGP_HELP_EXIT_OK | ARGP_HELP_EXIT_ERR), &one.program[0]);
    std::fclose(output);
    show(one, std::string(text, size));
    std::free(text);
  });
}
