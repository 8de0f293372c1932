<img class="turned" alt="{{ $title }}, seen a little from the right and above" width="640" height="480"
    src="/look/{{ $token }}/piece/{{ $at }}/0.png">
<input class="turn" type="range" min="0" max="{{ $steps - 1 }}" value="0" aria-label="Turn it: {{ $title }}" hidden>
