class Vault
  def initialize
    @keys = {}
  end

  def put(name, key)
    @keys[name] = key
  end

  def take(name)
    @keys.delete(name)
  end
end

class GuardedVault
  def initialize(officer)
    @officer = officer
    @vault = Vault.new
  end

  def method_missing(name, *args, &block)
    raise SecurityError, "#{@officer} may not #{name}" unless @officer == :chief
    return super unless @vault.respond_to?(name)

    @vault.public_send(name, *args, &block)
  end

  def respond_to_missing?(name, include_private = false)
    @vault.respond_to?(name, include_private) || super
  end
end

guarded = GuardedVault.new(:chief)
guarded.put(:north, 17)
puts guarded.take(:north)
