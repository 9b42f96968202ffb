<?php
namespace Aldera\Stores;

final class Crate
{
    private ?Store $store = null;

    public function moveTo(Store $store): void
    {
        $this->store = $store;
    }

    public function label(): string
    {
        return $this->store === null ? 'nowhere' : $this->store->name();
    }
}
