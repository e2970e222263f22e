<x-trouble title="Too many at once" said="Wait a minute, then try again." />
