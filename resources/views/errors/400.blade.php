<x-trouble title="Not for this workshop" said="The address names a server that this one is not." />
