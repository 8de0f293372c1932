<x-page title="A moment, please">
    <p>This page was asked for too often in a short while. Wait a minute and open it again; what you wrote was not lost if the page before still stands.</p>
</x-page>
