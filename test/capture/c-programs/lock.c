/* Reads help and version first, as some libraries do, then all options, with one hyphen or two. */
#include <getopt.h>
#include <stdio.h>

static const struct option standard[] = { { "help", no_argument, 0, 'h' }, { "version", no_argument, 0, 'v' }, { 0, 0, 0, 0 } };
static const struct option table[] = {
	{ "gate", required_argument, 0, 'g' }, { "paddle", no_argument, 0, 'p' }, { "help", no_argument, 0, 'h' }, { 0, 0, 0, 0 },
};

int main(int count, char **words)
{
	opterr = 0;
	if (getopt_long(count, words, "+", standard, 0) == 'h') {
		puts("Usage: lock [-gate NAME] [-paddle]");
		return 0;
	}
	optind = 0;
	opterr = 1;
	while (getopt_long_only(count, words, "", table, 0) != -1)
		;
	return 0;
}
