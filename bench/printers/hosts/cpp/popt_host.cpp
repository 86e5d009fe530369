#include <cstdio>
#include <cstdlib>
#include <popt.h>

#include "declared.hpp"

int main() {
  eachInterface([](DeclaredInterface &one) {
    std::vector<poptOption> options;
    std::vector<std::string> strings;
    strings.reserve(one.options.size());
    int number = 0;
    for (const DeclaredOption &option : one.options) {
      const bool isNumber = option.type == "integer";
      int info = POPT_ARG_NONE;
      if (option.presence != "none") info = isNumber ? POPT_ARG_INT : option.type == "number" ? POPT_ARG_DOUBLE : POPT_ARG_STRING;
      void *place = nullptr;
      if (option.presence == "optional") info |= POPT_ARGFLAG_OPTIONAL;
      if (option.is("hidden")) info |= POPT_ARGFLAG_DOC_HIDDEN;
      if (!option.fallback.empty()) {
        info |= POPT_ARGFLAG_SHOW_DEFAULT;
        if (isNumber) place = new int(std::stoi(option.fallback));
        else if (option.type == "number") place = new double(std::stod(option.fallback));
        else place = new const char *(option.fallback.c_str());
      }
      options.push_back(poptOption{option.longName.empty() ? nullptr : option.longName.c_str(),
                                   option.shortName.empty() ? '\0' : option.shortName[0], static_cast<unsigned>(info), place, ++number,
                                   option.help.empty() ? nullptr : option.help.c_str(), option.presence == "none" || option.placeholder.empty() ? nullptr : option.placeholder.c_str()});
    }
    options.push_back(poptOption{nullptr, '\0', POPT_ARG_INCLUDE_TABLE, poptHelpOptions, 0, "Help options:", nullptr});
    options.push_back(poptOption{nullptr, '\0', 0, nullptr, 0, nullptr, nullptr});
    const char *words[] = {one.program.c_str(), nullptr};
    poptContext context = poptGetContext(one.program.c_str(), 1, words, options.data(), 0);
    const std::string operands = "[OPTION...]" + (one.operands.empty() ? "" : " " + synopsisOf(one.operands));
    poptSetOtherOptionHelp(context, operands.c_str());
    char *text = nullptr;
    std::size_t size = 0;
    FILE *output = open_memstream(&text, &size);
    poptPrintHelp(context, output, 0);
    std::fclose(output);
    show(one, std::string(text, size));
    std::free(text);
    poptFreeContext(context);
  });
}
