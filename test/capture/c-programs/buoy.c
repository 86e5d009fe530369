/* Reads its options by argp, with a child parser, a hidden option and an alias. */
#include <argp.h>

const char *argp_program_version = "buoy 1.4";

static const struct argp_option light[] = {
	{ 0, 0, 0, 0, "Lights:", 0 },
	{ "colour", 'c', "COLOUR", 0, "light of COLOUR", 0 },
	{ "color", 0, 0, OPTION_ALIAS, 0, 0 },
	{ 0 },
};
static const struct argp_option own[] = {
	{ "depth", 'd', "METRES", OPTION_ARG_OPTIONAL, "anchor at METRES", 0 },
	{ "drift", 300, 0, OPTION_HIDDEN, "let it drift", 0 },
	{ 0 },
};

static error_t take(int key, char *argument, struct argp_state *state)
{
	(void)key;
	(void)argument;
	(void)state;
	return key == 'c' || key == 'd' || key == 300 ? 0 : ARGP_ERR_UNKNOWN;
}

int main(int count, char **words)
{
	const struct argp below = { light, take, 0, 0, 0, 0, 0 };
	const struct argp_child children[] = { { &below, 0, 0, 0 }, { 0, 0, 0, 0 } };
	const struct argp all = { own, take, "BUOY...", "Sets buoys.", children, 0, 0 };
	return argp_parse(&all, count, words, 0, 0, 0);
}
