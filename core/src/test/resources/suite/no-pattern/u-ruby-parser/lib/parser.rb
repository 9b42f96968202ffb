require_relative "lexer"
require_relative "nodes"

class Parser
  class Error < StandardError; end

  def self.parse(source) = new(source).parse

  def initialize(source)
    @tokens = Lexer.new(source).each_token.to_a
    @at = 0
  end

  def parse
    node = sum
    raise Error, "left over: #{peek.text}" if peek

    node
  end

  private

  def sum
    node = product
    node = Binary.new(take.kind, node, product) while peek && %i[+ -].include?(peek.kind)
    node
  end

  def product
    node = atom
    node = Binary.new(take.kind, node, atom) while peek && peek.kind == :*
    node
  end

  def atom
    token = take or raise Error, "unexpected end"
    case token.kind
    when :number then Number.new(token.text.to_i)
    when :"(" then sum.tap { take }
    else Variable.new(token.text)
    end
  end

  def peek = @tokens[@at]
  def take = @tokens[@at].tap { @at += 1 }
end

puts Parser.parse("1 + 2 * (3 - 4)").evaluate({})
