<x-trouble title="Something failed"
    said="It is written into the log of the server. What was confirmed before is kept; an entry that was not is kept in this browser
    and sent again." />
