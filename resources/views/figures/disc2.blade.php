@include('figures.disc', ['part' => 'disc2'])
