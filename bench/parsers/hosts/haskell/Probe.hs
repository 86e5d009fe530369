module Probe (finish, flag, names, value) where

-- How every host in Haskell prints what its parser read.

names :: [String]
names = ["start", "status", "stop", "route:plan"]

flag :: String -> Bool -> IO ()
flag name given = if given then putStrLn ("option " ++ name) else pure ()

value :: String -> Maybe String -> IO ()
value name = maybe (pure ()) (\text -> putStrLn ("option " ++ name ++ " " ++ text))

finish :: [String] -> IO ()
finish operands = do
  mapM_ (putStrLn . ("operand " ++)) operands
  putStrLn "read"
