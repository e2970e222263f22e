<x-trouble title="Signed out meanwhile"
    said="The page was open for longer than your session. Sign in, go back and send it again; entries of a job are kept and sent by
    themselves." />
