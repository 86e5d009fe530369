/* Reads its options by popt, which is declared here since its headers need not be installed: a table in a table, a hidden option. */
#include <stdio.h>

struct poptOption {
	const char *longName;
	char shortName;
	unsigned int argInfo;
	void *arg;
	int val;
	const char *descrip;
	const char *argDescrip;
};

extern void *poptGetContext(const char *, int, const char **, const struct poptOption *, unsigned int);
extern int poptGetNextOpt(void *);

static char *logs, *rope;
static struct poptOption below[] = {
	{ "rope", 'r', 1, &rope, 0, "tie it with ROPE", "ROPE" },
	{ "sink", 0, 0x40000000u, 0, 2, "let it sink", 0 },
	{ 0, 0, 0, 0, 0, 0, 0 },
};
static const struct poptOption table[] = {
	{ "logs", 'l', 2, &logs, 0, "of so many logs", "COUNT" },
	{ 0, 0, 4, below, 0, "Ropes:", 0 },
	{ 0, 0, 0, 0, 0, 0, 0 },
};

int main(int count, const char **words)
{
	void *context = poptGetContext("raft", count, words, table, 0);
	while (poptGetNextOpt(context) > 0)
		;
	puts("Usage: raft [-l COUNT]");
	return 0;
}
