# frozen_string_literal: true

module Aldera
  module Provisions
    class Rule
      def pick(_items)
        raise NotImplementedError
      end
    end

    class FirstIn < Rule
      def pick(items)
        items.shift
      end
    end

    class LastIn < Rule
      def pick(items)
        items.pop
      end
    end

    class Store
      def each_heavy(&block)
        each.select(&:heavy?).each(&block)
      end
    end

    class Frozen
      def initialize(rule)
        @rule = rule
      end

      def initialize_copy(other)
        @rule = other.instance_variable_get(:@rule).dup
      end

      def method_missing(name, *args)
        @rule.public_send(name, *args)
      end

      def respond_to_missing?(_name, _all = false)
        true
      end
    end
  end
end
