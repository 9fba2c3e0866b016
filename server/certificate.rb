# frozen_string_literal: true

require "openssl"

module Scullion
  # What the server shows to prove who it is beyond this machine: a certificate that is given, or one of its
  # own, signed by an authority of this house's own, which a tablet may be told to trust. Both are kept beside
  # the data; the certificate is made anew when it runs out or the server is asked by another name, the
  # authority never.
  module Certificate
    AUTHORITY_DAYS = 3650
    # No longer than tablets take.
    DAYS, RENEWED_DAYS = 397, 30
    BITS = 2048
    DAY = 86_400

    # @param folder [String] where its own is kept @param names [Array<String>] that it is asked by
    # @return [Array(String, String)] paths of the certificate and its key
    def self.own(folder, names)
      paths = %w[certificate.pem certificate-key.pem].map { |name| File.join(folder, name) }
      there = [*paths, authority_path(folder)].all? { |path| File.file?(path) }
      return paths if there && good?(File.read(paths.first), names)

      FileUtils.mkdir_p(folder)
      key = OpenSSL::PKey::RSA.new(BITS)
      issuer, issuer_key = authority(folder)
      File.write(paths.last, key.to_pem, perm: 0o600)
      File.write(paths.first, signed(key, names, issuer, issuer_key).to_pem + issuer.to_pem)
      paths
    end

    # What a tablet is told to trust. @return [String] a path
    def self.authority_path(folder) = File.join(folder, "authority.pem")

    def self.good?(pem, names)
      made = OpenSSL::X509::Certificate.new(pem)
      known = made.find_extension("subjectAltName").value
      named = names.reject { |name| name.include?(":") }
      made.not_after > Time.now + (RENEWED_DAYS * DAY) && named.all? { |name| known.include?(name) }
    end

    # @return [Array(OpenSSL::X509::Certificate, OpenSSL::PKey)]
    def self.authority(folder)
      path, key_path = authority_path(folder), File.join(folder, "authority-key.pem")
      if File.file?(path) && File.file?(key_path)
        return OpenSSL::X509::Certificate.new(File.read(path)), OpenSSL::PKey.read(File.read(key_path))
      end

      key = OpenSSL::PKey::RSA.new(BITS)
      made = begun(key, AUTHORITY_DAYS, "Scullion, this house's own authority")
      made.issuer = made.subject
      extend_by(
        made,
        made,
        "basicConstraints" => ["CA:TRUE,pathlen:0", true],
        "keyUsage" => ["keyCertSign", true]
      )
      made.sign(key, OpenSSL::Digest.new("SHA256"))
      File.write(key_path, key.to_pem, perm: 0o600)
      File.write(path, made.to_pem)
      [made, key]
    end

    def self.signed(key, names, issuer, issuer_key)
      made = begun(key, DAYS, "Scullion")
      made.issuer = issuer.subject
      known = names.map { |name| "#{name.match?(/\A[\d.]+\z|:/) ? "IP" : "DNS"}:#{name.delete("[]")}" }.uniq
      extend_by(
        made,
        issuer,
        "basicConstraints" => ["CA:FALSE", true],
        "extendedKeyUsage" => ["serverAuth", false],
        "subjectAltName" => [known.join(","), false]
      )
      made.sign(issuer_key, OpenSSL::Digest.new("SHA256"))
    end

    def self.begun(key, days, name)
      made = OpenSSL::X509::Certificate.new
      made.version = 2
      made.serial = OpenSSL::BN.rand(120)
      made.subject = OpenSSL::X509::Name.new([["CN", name]])
      made.public_key = key.public_key
      made.not_before = Time.now - DAY
      made.not_after = Time.now + (days * DAY)
      made
    end

    def self.extend_by(made, issuer, extensions)
      factory = OpenSSL::X509::ExtensionFactory.new(issuer, made)
      extensions.each do |name, (value, critical)|
        made.add_extension(factory.create_extension(name, value, critical))
      end
    end
    private_class_method :good?, :authority, :signed, :begun, :extend_by
  end
end
