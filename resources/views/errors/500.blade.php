<x-page title="Something went wrong in the workshop">
    <p>Nothing of yours was lost. Open the page again in a while; if it stays so, tell the workshop.</p>
</x-page>
