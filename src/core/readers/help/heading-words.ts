/**
 * Words of headings, in the languages in which programs print their help most: English, German, French, Spanish, Portuguese, Italian,
 * Polish, Dutch, Danish, Swedish, Norwegian, Finnish, Czech, Hungarian, Turkish, Catalan, Russian, Japanese and Chinese. Without word boundaries, which only Latin letters have.
 */
export const USAGE_WORDS =
  'usage is(?: as follows)?|usage|how to (?:use|run|call)(?: it)?|invocation|calling sequence|command(?:[- ]line)? (?:info(?:rmation)?|syntax|usage|format)|synopsis|use|aufruf|verwendung|syntax|utilisation|uso|sintaxis|użycie|składnia|gebruik|brug|bruk|användning|käyttö|použití|použitie|használat|kullanım|ús|использование|使い方|使用法|用法';

export const COMMAND_WORDS =
  'befehle|unterbefehle|opdrachten|kommandoer|příkazy|parancsok|komutlar|kommandos|commandes|sous-commandes|comandos|comandi|polecenia|команды|コマンド|命令|子命令';

export const OPTION_WORDS =
  'optionen|schalter|opties|valgmuligheter|tilvalg|flaggor|volby|přepínače|kapcsolók|seçenekler|opciones|opções|opzioni|opcje|параметры|опции|オプション|选项|選項';

export const OPERAND_WORDS = 'argumente|argumentos|argomenti|argumenty|аргументы|引数|参数';

export const EXAMPLE_WORDS = 'beispiele?|exemples?|ejemplos?|exemplos?|esempi|przykłady|примеры|例|示例';
