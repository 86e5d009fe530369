module Main (main) where

-- cmdargs, by its explicit interface.

import Probe (finish)
import System.Console.CmdArgs.Explicit

options :: Mode [(String, String)]
options =
  mode "probe" [] "probe" (flagArg (\text found -> Right (found ++ [("operand", text)])) "FILE") $
    [ flagNone ["a", "all"] (++ [("all", "")]) "all"
    , flagNone ["b", "brief"] (++ [("brief", "")]) "brief"
    , flagReq ["o", "output"] (\text found -> Right (found ++ [("output", text)])) "FILE" "output"
    , flagNone ["outline"] (++ [("outline", "")]) "outline"
    , flagNone ["quiet", "quieter"] (++ [("quiet", "")]) "quiet"
    , flagOpt "" ["c", "color"] (\text found -> Right (found ++ [("color", text)])) "WHEN" "color"
    , flagNone ["n", "dry-run"] (++ [("dry-run", "")]) "dry"
    , flagHelpSimple (("help", "") :)
    ]

main :: IO ()
main = do
  found <- processArgs options
  if lookup "help" found == Just ""
    then print (helpText [] HelpFormatDefault options)
    else do
      mapM_ putStrLn [unwords (filter (not . null) ["option", name, text]) | (name, text) <- found, name /= "operand"]
      finish [text | ("operand", text) <- found]
