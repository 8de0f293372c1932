<img class="turned" alt="your ring, seen a little from the right and above" width="640" height="480"
    src="/look/{{ $token }}/piece/0.png">
<input class="turn" type="range" min="0" max="{{ $steps - 1 }}" value="0" aria-label="Turn your ring" hidden>
