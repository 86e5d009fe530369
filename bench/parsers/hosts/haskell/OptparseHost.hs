module Main (main) where

-- optparse-applicative.

import Options.Applicative hiding (flag, value)
import System.Environment (lookupEnv)
import Probe (finish, flag, names, value)

data Found = Found {every, brief :: Bool, output :: Maybe String, outline, dry :: Bool, files :: [String]}

plain :: Parser Found
plain =
  Found
    <$> switch (long "all" <> short 'a')
    <*> switch (long "brief" <> short 'b')
    <*> optional (strOption (long "output" <> short 'o' <> metavar "FILE"))
    <*> switch (long "outline")
    <*> switch (long "dry-run" <> short 'n')
    <*> many (strArgument (metavar "FILE"))

below :: Parser (Bool, [String])
below = (,) <$> switch (long "all" <> short 'a') <*> many (strArgument (metavar "FILE"))

commands :: Parser (Bool, (String, (Bool, [String])))
commands =
  (,)
    <$> switch (long "brief" <> short 'b')
    <*> hsubparser (mconcat [command name (info ((,) name <$> below) idm) | name <- names])

main :: IO ()
main = do
  shape <- lookupEnv "PROBE"
  if shape == Just "commands"
    then do
      (isBrief, (name, (isAll, words'))) <- execParser (info (commands <**> helper) idm)
      putStrLn ("command " ++ name)
      flag "all" isAll
      flag "brief" isBrief
      finish words'
    else do
      found <- execParser (info (plain <**> helper) idm)
      flag "all" (every found)
      flag "brief" (brief found)
      flag "outline" (outline found)
      flag "dry-run" (dry found)
      value "output" (output found)
      finish (files found)
