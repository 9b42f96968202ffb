# frozen_string_literal: true

require 'forwardable'
require_relative 'kinds'

module Aldera
  module Provisions
    Item = Struct.new(:name, :kilos) do
      def heavy?
        kilos > 20
      end
    end

    module Counted
      def counted
        each.sum(&:kilos)
      end
    end

    class Store
      include Enumerable
      include Counted
      extend Forwardable

      attr_reader :name
      attr_writer :rule
      def_delegators :@items, :size, :empty?

      def initialize(name, rule = FirstIn.new)
        @name = name
        @rule = rule
        @items = []
        @watchers = []
      end

      def watch(watcher)
        @watchers << watcher
      end

      def unwatch(watcher)
        @watchers.delete(watcher)
      end

      def put(item)
        @items << item
        @watchers.each { |watcher| watcher.stored(self, item) }
      end

      def take
        @rule.pick(@items)
      end

      def each
        return enum_for(:each) unless block_given?

        @items.each { |item| yield item }
      end
    end

    class Ledger
      @entries = []
      private_class_method :new

      class << self
        def instance
          @instance ||= new
        end
      end

      def stored(store, item)
        lines << "#{store.name}: #{item.name}"
      end

      def lines
        @lines ||= []
      end
    end

    class Bell
      def stored(_store, item)
        ring if item.heavy?
      end

      private

      def ring
        :dong
      end
    end
  end
end

store = Aldera::Provisions::Store.new('cold')
store.watch(Aldera::Provisions::Ledger.instance)
store.watch(Aldera::Provisions::Bell.new)
store.rule = Aldera::Provisions::LastIn.new
store.put(Aldera::Provisions::Item.new('ice', 40))
