#include <glib.h>
#include <map>

#include "declared.hpp"

int main() {
  g_set_prgname("host");
  eachInterface([](DeclaredInterface &one) {
    g_set_prgname(one.program.c_str());
    std::map<std::string, std::vector<GOptionEntry>> entries;
    std::vector<std::string> order{""};
    static gboolean isGiven;
    static gchar *word;
    for (const DeclaredOption &option : one.options) {
      const bool isBare = option.presence == "none";
      gint flags = option.is("hidden") ? G_OPTION_FLAG_HIDDEN : 0;
      GOptionArg kind = isBare ? G_OPTION_ARG_NONE : option.type == "integer" ? G_OPTION_ARG_INT : G_OPTION_ARG_STRING;
      if (entries.count(option.heading) == 0 && !option.heading.empty()) order.push_back(option.heading);
      entries[option.heading].push_back(GOptionEntry{option.longName.c_str(), option.shortName.empty() ? '\0' : option.shortName[0], flags, kind,
                                                     isBare ? static_cast<gpointer>(&isGiven) : &word, option.help.c_str(),
                                                     isBare || option.placeholder.empty() ? nullptr : option.placeholder.c_str()});
    }
    const std::string operands = synopsisOf(one.operands);
    GOptionContext *context = g_option_context_new(operands.empty() ? nullptr : operands.c_str());
    g_option_context_set_summary(context, one.summary.c_str());
    if (!one.epilogue.empty()) g_option_context_set_description(context, one.epilogue.c_str());
    for (const std::string &heading : order) {
      entries[heading].push_back(GOptionEntry{});
      if (heading.empty()) {
        g_option_context_add_main_entries(context, entries[heading].data(), nullptr);
      } else {
        const std::string name = split(heading, ' ')[0];
        GOptionGroup *group = g_option_group_new(name.c_str(), heading.c_str(), ("Show " + name + " options").c_str(), nullptr, nullptr);
        g_option_group_add_entries(group, entries[heading].data());
        g_option_context_add_group(context, group);
      }
    }
    gchar *text = g_option_context_get_help(context, FALSE, nullptr);
    show(one, text);
    g_free(text);
    g_option_context_free(context);
  });
}
