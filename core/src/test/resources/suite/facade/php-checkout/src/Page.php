<?php
namespace Aldera\Checkout;
class Page { public function __construct(private Checkout $checkout) {} public function post(array $form): string { return $this->checkout->buy($form['item'], 1200); } }
class Terminal { public function __construct(private Checkout $checkout) {} public function rope(): string { return $this->checkout->buy('rope', 900); } }
