<?php
namespace Aldera\Support;

interface Watcher
{
    public function noticed(object $who, string $what): void;
}
