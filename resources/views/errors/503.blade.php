<x-trouble title="Back in a moment"
    said="The workshop’s server is being looked after. Entries are kept in this browser and sent by themselves." />
