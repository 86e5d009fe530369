import Declared
import qualified Declared as D
import System.Console.CmdArgs.Explicit
import System.Console.CmdArgs.Text (TextFormat (..), showText)

type Given = [String]

flagOf :: D.Option -> Flag Given
flagOf one = case presence one of
  "none" -> flagNone names id (optionHelp one)
  "optional" -> flagOpt "often" names accept (placeholder one) (optionHelp one)
  _ -> flagReq names accept (placeholder one) (optionHelp one)
  where
    names = [n | n <- [shortName one, longName one], n /= ""] ++ aliases one
    accept word given = Right (word : given)

modeOf :: D.Command -> Mode Given
modeOf one = made {modeGroupFlags = toGroup (map flagOf (options one) ++ [flagHelpSimple id])}
  where
    made
      | null (D.commands one) = base {modeArgs = (map argumentOf (filter ((> 0) . most) (operands one)), rest)}
      | otherwise = modes (name one) [] (summary one) (map modeOf (D.commands one))
    base = modeEmpty' (name one) (summary one)
    rest = case [o | o <- operands one, most o < 0] of
      o : _ -> Just (argumentOf o)
      [] -> Nothing
    argumentOf o = (flagArg (\word given -> Right (word : given)) (operandName o)) {argRequire = least o > 0}

modeEmpty' :: String -> String -> Mode Given
modeEmpty' called text = (modeEmpty []) {modeNames = [called], modeHelp = text}

main :: IO ()
main = interfaces >>= mapM_ printAll
  where
    printAll one =
      let top = (modeOf (root one)) {modeNames = [program one], modeHelp = about one}
       in do
            showHelp one [] (shown one top)
            mapM_ (printBelow one) (D.commands (root one))
    printBelow one child = showHelp one [D.name child] (shown one ((modeOf child) {modeNames = [program one ++ " " ++ D.name child]}))
    shown one mode = showText (Wrap (width one)) (helpText [] HelpFormatDefault mode)
