import Declared
import qualified Declared as D
import Options.Applicative hiding (Parser)
import qualified Options.Applicative as O

optionOf :: D.Option -> O.Parser ()
optionOf one
  | presence one == "none" = switchOf (names one <> text one)
  | otherwise = wrapped (strOption (names one <> text one <> shown <> preset))
  where
    shown = if placeholder one == "" then mempty else metavar (placeholder one)
    preset = if fallback one == "" then mempty else value (fallback one) <> showDefault
    switchOf modifiers = () <$ switch modifiers
    wrapped parser
      | isFlag "required" one = () <$ parser
      | isFlag "repeated" one = () <$ many parser
      | fallback one /= "" = () <$ parser
      | otherwise = () <$ optional parser

names :: HasName f => D.Option -> Mod f a
names one = foldMap short (shortName one) <> foldMap long ([longName one | longName one /= ""] ++ aliases one)

text :: D.Option -> Mod f a
text one = (if optionHelp one == "" then mempty else help (optionHelp one)) <> (if isFlag "hidden" one then internal else mempty)

operandOf :: D.Operand -> O.Parser ()
operandOf one
  | most one < 0 = if least one > 0 then () <$ some parser else () <$ many parser
  | least one > 0 = () <$ parser
  | otherwise = () <$ optional parser
  where
    parser = strArgument (metavar (operandName one) <> (if operandHelp one == "" then mempty else help (operandHelp one))) :: O.Parser String

parserOf :: D.Command -> O.Parser ()
parserOf one = foldr (\a b -> a *> b) (pure ()) (map optionOf (options one) ++ below ++ map operandOf (operands one))
  where
    below
      | null (D.commands one) = []
      | otherwise = [subparser (foldMap commandOf (D.commands one))]
    commandOf child = O.command (name child) (infoOf child "")

infoOf :: D.Command -> String -> ParserInfo ()
infoOf one end = info (helper <*> parserOf one) (progDesc (summary one) <> (if end == "" then mempty else footer end))

main :: IO ()
main = interfaces >>= mapM_ printAll
  where
    printAll one = mapM_ (printed one) (paths (root one))
    printed one path =
      let made = infoOf (root one) {summary = about one} (epilogue one)
          result = execParserPure (prefs (columns (width one))) made (path ++ ["--help"])
       in case result of
            Failure failure -> showHelp one path (fst (renderFailure failure (program one)))
            _ -> pure ()
    paths one = [] : [D.name child : path | child <- D.commands one, path <- paths child]
